package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** Two who read all goods, a few at a time. */
@ExtendWith(WithApp.class)
class AllSoldTest {

    @Test
    void twoReadWhatOneReadsEachOnce(App app) {
        List<SoldProduct> alone = in(app, app.bean(AllSold.class)::alone);
        assertThat(alone).hasSizeGreaterThan(10).isSortedAccordingTo(Assortment.BY_NAME);
        for (int stretch = 1; stretch < 8; stretch++) {
            assertThat(at(app, stretch, revision -> revision))
                    .as("%d at a time", stretch)
                    .usingRecursiveFieldByFieldElementComparator()
                    .containsExactlyInAnyOrderElementsOf(alone);
        }
    }

    @Test
    void oneWhoSeesOtherPricesDoesNotHelp(App app) {
        assertThat(at(app, 1, revision -> revision + 1))
                .extracting(SoldProduct::id)
                .doesNotHaveDuplicates()
                .hasSameSizeAs(in(app, app.bean(AllSold.class)::alone));
    }

    @Test
    void whereThereIsNoConnectionForAnotherOneReadsAll(App app) {
        assertThat(helpedBy(app, new CannotCreateTransactionException("all are taken")))
                .hasSameSizeAs(in(app, app.bean(AllSold.class)::alone));
    }

    @Test
    void whatTheOtherMayHaveLostIsNotLeftOut(App app) {
        TransientDataAccessResourceException away = new TransientDataAccessResourceException("the database is away");
        assertThatThrownBy(() -> helpedBy(app, away)).isSameAs(away);
    }

    private static List<SoldProduct> at(App app, int stretch, Function<Long, Long> seen) {
        AllSold all = all(app, app.bean(TransactionTemplate.class), stretch);
        return in(app, () -> all.at(seen.apply(app.bean(Shops.class).revision())));
    }

    private static List<SoldProduct> helpedBy(App app, RuntimeException failing) {
        AllSold all = all(app, new TransactionTemplate(new Failing(failing)), 3);
        return in(app, () -> all.at(app.bean(Shops.class).revision()));
    }

    private static AllSold all(App app, TransactionTemplate template, int stretch) {
        return new AllSold(
                app.bean(GoodsReader.class), app.bean(Shelving.class), app.bean(Shops.class), template, stretch);
    }

    private static <T> T in(App app, Supplier<T> reading) {
        return app.bean(TransactionTemplate.class).execute(status -> reading.get());
    }

    /** No transaction can be begun. */
    private record Failing(RuntimeException why) implements PlatformTransactionManager {

        @Override
        public TransactionStatus getTransaction(TransactionDefinition definition) {
            throw why;
        }

        @Override
        public void commit(TransactionStatus status) {}

        @Override
        public void rollback(TransactionStatus status) {}
    }
}
