package dev.steelyard.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the scripts work out themselves: places under a hand, cells of a grid. */
@ExtendWith(WithApp.class)
class ModulesTest {

    private Page page;

    @BeforeEach
    void onAPage(BrowserContext context) {
        page = context.newPage();
        page.navigate("/counter");
    }

    private Object of(String module, String expression) {
        return page.evaluate("async () => { const m = await import('/assets/modules/" + module + ".js'); return "
                + expression + "; }");
    }

    /** What a hand that drags a weight over the beam can hit. */
    @ParameterizedTest
    @CsvSource({
        "0.2, true, 1",
        "7.4, true, 7",
        "99.6, true, 100",
        "123.4, true, 120",
        "1267, true, 1300",
        "7.44, false, 7.4",
        "0.0372, false, 0.037",
        "1267, false, 1300"
    })
    void aDragGoesByTwoLeadingDigits(double exact, boolean whole, double rounded) {
        Number hit = (Number) of("beam", "m.beam.rounded(" + exact + ", " + whole + ")");
        assertThat(hit.doubleValue()).isEqualTo(rounded);
    }

    @ParameterizedTest
    @CsvSource({
        "/cases/0/piece/grid/rows/3, 3/-1",
        "/cases/0/piece/grid/columns/12, -1/12",
        "/cases/0/piece/grid/prices/4/7, 4/7",
        "/cases/0/piece/grid/corner, -1/-1"
    })
    void aCellIsFoundByItsName(String name, String place) {
        assertThat(of("pasted", "(({ row, column }) => row + '/' + column)(m.gridPlace('" + name + "'))"))
                .isEqualTo(place);
    }

    /** Where numbers have a decimal comma, scripts read and write fields so. */
    @Test
    void numbersInFieldsHaveTheSignOfThePage() {
        assertThat(of("numbers", "[m.read('12,5'), m.read('12.5'), m.decimals('3,405'), m.write('12.50')].join(' ')"))
                .isEqualTo("12.5 12.5 3 12.50");
        page.evaluate("document.documentElement.dataset.decimal = ','");
        assertThat(of("numbers", "[m.read('0,125'), m.write('12.50'), m.write(7)].join(' ')"))
                .isEqualTo("0.125 12,50 7");
    }

    @Test
    void everyModuleIsServedUnderTheVersionOfThemAll() {
        String address = (String) page.evaluate("document.querySelector('script[type=module]').src");
        assertThat(address).matches(".*/assets/modules/[0-9a-f]{12}/request\\.js");
        assertThat(page.request().get(address).headers().get("cache-control")).contains("max-age=31536000");
    }
}
