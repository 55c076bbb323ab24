package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A heading that is not understood: nothing is read until somebody says that its column is to be left out. */
@ExtendWith(WithApp.class)
class UnknownHeadsTest {

    private static final String SUPPLIERS =
            "SKU,cust. grp,from qty,unit price,remark\nBRU-1,Boatyard,6,12.00,cheap\nBRU-1,,20,11.00,\n";

    private App app;
    private Http owner;
    private SheetsAtWork sheets;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        this.sheets = new SheetsAtWork(owner);
    }

    private long batches() {
        return app.sql()
                .sql("select count(*) from price_batch")
                .query(Long.class)
                .single();
    }

    @Test
    void nothingIsReadUntilEachIsLeftOutByHand() {
        Answer asked = sheets.read(SUPPLIERS);

        assertThat(asked.response().uri().getPath()).isEqualTo("/sheets/heads");
        assertThat(asked.text())
                .contains("Columns that are not known")
                .contains("leave out “cust. grp”", "leave out “remark”")
                .doesNotContain("leave out “from qty”");
        assertThat(batches()).isZero();
        String of = asked.field("of");

        Answer half = owner.post("/sheets/heads", "of", of, "out", "remark");
        assertThat(half.response().uri().getPath()).isEqualTo("/sheets/heads");
        assertThat(batches()).isZero();

        Answer read = sheets.settled(owner.post("/sheets/heads", "of", of, "out", "remark", "out", "cust. grp"));
        assertThat(read.text()).contains("would change");
        assertThat(batches()).isEqualTo(1);
    }

    @Test
    void aFileThatIsKeptNoMoreIsAskedForAgain() {
        String of = sheets.read(SUPPLIERS).field("of");
        owner.post("/sheets/heads", "of", of, "out", "remark", "out", "cust. grp");

        assertThat(owner.get("/sheets/heads?of=" + of).text()).contains("not kept here any more");
        assertThat(owner.post("/sheets/heads", "of", of, "out", "remark").text())
                .contains("not kept here any more");
        assertThat(owner.get("/sheets/heads?of=made-up").text()).contains("not kept here any more");
    }

    @Test
    void headsThatOthersWriteAreKnown() {
        Answer page = sheets.read("Article no.,Customer group,From qty,Unit price\nBRU-1,Boatyard,6,12.00\n");
        assertThat(page.text()).contains("1 price would change").contains("Boatyard");
        assertThat(page.text()).doesNotContain("shelf price 15.00 12.00");
    }

    /** What its own export calls the reasons of refused rows is no column of prices, and known all the same. */
    @Test
    void whatIsGivenBackCanBeReadAgain() {
        Answer page = sheets.read("sku,price\nNOPE,3\n");
        String back =
                new String(owner.bytes(SheetsAtWork.path(page) + "/refused"), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(sheets.read(back).text()).contains("1 row is refused");
    }

    @Test
    void whatAPreviewSaysOfARangeIsWhatIsCharged() {
        Answer page = sheets.read(
                "sku,group,what,from,to,price\nBRU-1,,row,6,30,13.00\nBRU-1,,row,20,,12.50\nBRU-1,,row,90,85,9\n");
        assertThat(owner.get(SheetsAtWork.path(page) + "?show=all").text())
                .contains("It ends at 85, before it begins at 90")
                .contains("it goes on to 30, but from 20 another row begins; from 20 on that one counts");
    }
}
