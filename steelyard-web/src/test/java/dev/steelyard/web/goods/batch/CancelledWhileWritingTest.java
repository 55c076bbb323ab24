package dev.steelyard.web.goods.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** How far a sheet is can be seen, and it can be stopped, while the one transaction that writes it goes on. */
@ExtendWith(WithApp.class)
class CancelledWhileWritingTest {

    private static final String PRICES = "sku,what,from,price\nBRU-1,row,6,12.90\n";
    private static final String GOODS = "sku,name,brand,shelf price\nNEW-1,New brush,Brushmakers,12.90\n";

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
    }

    @Test
    void pricesThatAreBeingApplied() {
        stopped(sheets.read(PRICES), "apply", "Cancelled. Nothing was applied.");
    }

    @Test
    void goodsThatAreBeingApplied() {
        stopped(sheets.read(GOODS, "of", "GOODS"), "apply", "Cancelled. Nothing was applied.");
        assertThat(count("product where sku = 'NEW-1'") + count("brand where name = 'Brushmakers'"))
                .isZero();
    }

    @Test
    void pricesThatAreBeingTakenBack() {
        stopped(sheets.act(sheets.read(PRICES), "apply"), "undo", "Cancelled. Nothing was undone.");
    }

    @Test
    void goodsThatAreBeingTakenBack() {
        stopped(sheets.act(sheets.read(GOODS, "of", "GOODS"), "apply"), "undo", "Cancelled. Nothing was undone.");
        assertThat(count("product where sku = 'NEW-1'") + count("brand where name = 'Brushmakers'"))
                .isEqualTo(2);
    }

    /** Somebody else holds the shop meanwhile, so that it waits before its first row. */
    private void stopped(Answer page, String what, String said) {
        String batch = SheetsAtWork.path(page);
        long id = Long.parseLong(batch.replaceAll(".*/", ""));
        app.bean(TransactionTemplate.class).executeWithoutResult(status -> {
            app.sql()
                    .sql("select revision from shop for update")
                    .query(Long.class)
                    .single();
            owner.post((what.equals("apply") ? batch : "/sheets/" + id) + "/" + what);
            await().atMost(Duration.ofSeconds(20))
                    .until(() -> count("price_batch where rows_total > 0 and id = " + id) == 1);
            Answer now = owner.get(batch);
            assertThat(now.body()).contains("id=\"progress\"").doesNotContain("id=\"columns\"");
            assertThat(now.text()).contains("0 rows written of 1 ").doesNotContain("rows read");
            owner.post("/sheets/" + id + "/cancel");
            assertThat(count("price_batch where cancel_asked and id = " + id)).isOne();
            await().pollDelay(Duration.ofMillis(300)).until(() -> true); // it asks a few times a second
        });
        assertThat(sheets.settled(owner.get(batch)).text()).contains(said);
    }

    private int count(String what) {
        TransactionTemplate now = new TransactionTemplate(app.bean(PlatformTransactionManager.class));
        now.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return now.execute(status -> app.sql()
                .sql("select count(*) from " + what)
                .query(Integer.class)
                .single());
    }
}
