package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers with a decimal comma on the pages of owner and counter, and read so where they are typed. */
@ExtendWith(WithApp.class)
class CommaFilterTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "from 1,018.50 per m²      | from 1.018,50 per m²",
                "12 × 5.60 = 67.20         | 12 × 5,60 = 67,20",
                "1,200,000 rows            | 1.200.000 rows",
                "(7.4 %)                   | (7,4 %)",
                "6.90.                     | 6,90.",
                "3 November 2026, 09:12    | 3 November 2026, 09:12",
                "2027-04-01 and 1.4.2027   | 2027-04-01 and 1.4.2027",
                "from 127.0.0.1            | from 127.0.0.1",
                "SHK-8.5 and v1.2          | SHK-8.5 and v1.2",
                "40, 50 and 60             | 40, 50 and 60",
            })
    void writesNumbersAndLeavesTheRest(String text, String written) {
        assertThat(CommaFilter.written(text)).isEqualTo(written);
    }

    @Test
    void aShopWithDecimalCommasShowsAndReadsThemEverywhere(App app, Http owner) {
        owner.signIn("maren").post("/shop/counter", "decimalComma", "true");
        Http shopper = new Http(app.url());

        assertThat(shopper.get("/counter").text()).contains("from 4,15").doesNotContain("4.15");
        assertThat(shopper.get("/counter/price?sku=SHK-6&quantity=12").text())
                .contains("62,40")
                .doesNotContain("62.40");
        assertThat(owner.get("/goods").text()).contains("46,90").doesNotContain("46.90");

        Answer rows = owner.get("/goods/13");
        assertThat(rows.body()).contains("value=\"13,20\"").doesNotContain("value=\"13.20\"");
        Answer typed = owner.background(
                "/goods/13/edit",
                "basedOn",
                rows.field("basedOn"),
                "step",
                "prices",
                "do",
                "keep",
                "/rows/1/value",
                "12,345");
        assertThat(typed.body()).contains("value=\"12,345\"");
        Answer asked = owner.background(
                "/goods/13/edit",
                "basedOn",
                typed.field("basedOn"),
                "step",
                "prices",
                "do",
                "keep",
                "/rows/1/value",
                "12.345");
        assertThat(asked.text()).contains("12.345 can be 12345 or 12,345");
    }
}
