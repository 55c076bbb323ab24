package dev.steelyard.web.goods.past;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class PastPricesTest {

    /** By hand on the 10th, by a sheet on the 20th, undone on the 22nd: each day has its prices. */
    @Test
    void eachDayHasThePricesItHad(App app, Http owner) {
        owner.signIn("maren");
        GoodsStore goods = app.bean(GoodsStore.class);
        goods.save(
                new PriceEdit(
                        13, null, 1, new BigDecimal("16"), Over.LINE, List.of(Break.everyone(6, new BigDecimal("14")))),
                "Jonas");
        app.sql().sql("update change_entry set made_at = '2026-11-10 09:00:00'").update();
        SheetsAtWork sheets = new SheetsAtWork(owner);
        Answer page = sheets.read(
                "spring.csv",
                "sku,what,from,price\nBRU-1,row,6,13.5\nBRU-1,row,20,12\nBRU-1,shelf price,,17\n"
                        .getBytes(StandardCharsets.UTF_8));
        sheets.act(page, "apply");
        sheets.act(page, "undo");
        app.sql()
                .sql("update price_batch set applied_at = '2026-11-20 09:00:00', undone_at = '2026-11-22 09:00:00'")
                .update();

        assertThat(on(owner, "2026-11-09"))
                .contains("from 6 13.20 14.00")
                .contains("shelf price 15.00 16.00")
                .doesNotContain("from 20 12");
        assertThat(on(owner, "2026-11-10")).contains("from 6 14.00 14.00").contains("shelf price 16.00 16.00");
        assertThat(on(owner, "2026-11-21"))
                .contains("from 6 13.50 14.00")
                .contains("from 20 12.00 –")
                .contains("shelf price 17.00 16.00");
        assertThat(on(owner, "2026-11-23"))
                .contains("from 6 14.00 14.00")
                .contains("Jonas by hand")
                .contains("Maren by the sheet spring.csv from 6: 14.00 → 13.50")
                .contains("Maren by the sheet spring.csv, undone");
        assertThat(owner.get("/goods/13/past?day=soon").text()).contains("“soon” is no day");
        assertThat(owner.get("/goods/4711/past").status()).isEqualTo(404);
    }

    private static String on(Http owner, String day) {
        return owner.get("/goods/13/past?day=" + day).text();
    }
}
