package dev.steelyard.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoCards;
import dev.steelyard.web.testing.WithApp;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each kind of card made by hand, to the exact figures of the worked examples, put live and bought from. */
@ExtendWith(WithApp.class)
class NineKindsTest {

    private Page page;
    private Page shopper;

    @BeforeEach
    void signIn(App app, BrowserContext owners, BrowserContext shoppers) {
        DemoCards.takeAway(app);
        page = owners.newPage();
        shopper = shoppers.newPage();
        OwnerSteps.signIn(page, "maren");
    }

    @Test
    void byQuantity() {
        CardHands hands = CardHands.begin(page, "SHK", "quantity").costs("7.03", "84.36");
        hands.change("/ladder/value", "price");
        hands.type("/ladder/rows/0/value", "6.90")
                .type("/ladder/rows/1/value", "6.20")
                .type("/ladder/rows/2/value", "5.45")
                .type("+/ladder/rows/0:Boatyard", "6.35")
                .type("+/ladder/rows/2:Boatyard", "4.95");
        assertThat(page.locator("#sentence"))
                .hasText("From 10 on, each costs 6.90, from 25 it is 6.20, from 100 it is 5.45.");
        hands.trial("quantity", "9").costs("7.40", "66.60");
        hands.trial("quantity", "10").costs("6.90", "69.00");
        hands.trial("quantity", "99").costs("6.20", "613.80");
        hands.trial("quantity", "250").costs("5.45", "1,362.50");
        hands.trial("group", "Boatyard").trial("quantity", "10").costs("6.35", "63.50");
        hands.trial("quantity", "100").costs("4.95", "495.00");
        assertThat(page.locator("#findings")).containsText("the larger order is");
        sells(hands, "SHK-8", shop -> shop.quantity("250").costs("1,362.50"), "1,362.50");
    }

    @Test
    void byTheMetreSliceBySlice() {
        CardHands hands = CardHands.begin(page, "ROPE-12", "metre");
        hands.type("/cases/0/piece/rate/price", "3.10").press("rate-breaks", "/cases/0/piece/rate", "");
        hands.type("/cases/0/piece/rate/breaks/rows/0/from", "20")
                .type("/cases/0/piece/rate/breaks/rows/0/value", "2.75")
                .press("hang", "/cases/0/piece/rate/breaks/rows", "");
        hands.type("/cases/0/piece/rate/breaks/rows/1/from", "100")
                .type("/cases/0/piece/rate/breaks/rows/1/value", "2.40");
        hands.trial("a.length", "20").costs("62.00");
        hands.trial("a.length", "20.5").costs("63.38");
        hands.trial("a.length", "137.5").costs("372.00");
        hands.trial("a.length", "25").trial("quantity", "3").costs("75.75", "227.25");
        hands.trial("a.length", "7.3").refused("No price");
        assertThat(page.locator("#fault-length")).containsText("7.3");
        sells(hands, "ROPE-12", shop -> shop.type("length", "137.5").costs("372.00"), "372.00");
    }

    @Test
    void byAreaWithChoicesAndBreaks() {
        CardHands hands = CardHands.begin(page, "COVER", "area").step("ask");
        hands.limits(0, "cm", "150", "1200", "1").limits(1, "cm", "80", "450", "1");
        hands.press("add-choice", "", "")
                .type("/asks/2/label", "Hem")
                .type("/asks/2/choice", "hem")
                .type("/asks/2/options/1/name", "roped")
                .change("/asks/2/options/1/charge", "perUnit")
                .type("/asks/2/options/1/charge/perUnit", "2.35");
        assertThat(hands.field("/asks/2/options/1/charge/of")).hasValue("2 * (length + width)");
        hands.press("add-choice", "", "")
                .type("/asks/3/label", "Fixing")
                .type("/asks/3/choice", "fixing")
                .type("/asks/3/options/0/name", "loose")
                .pick("/asks/3/start", "loose")
                .type("/asks/3/options/1/name", "hooks")
                .type("/asks/3/options/1/charge/perPiece", "18.00")
                .press("add-option", "/asks/3", "")
                .type("/asks/3/options/2/name", "zip")
                .change("/asks/3/options/2/charge", "percent")
                .type("/asks/3/options/2/charge/percent", "12");
        hands.press("add-limit", "", "");
        hands.field("f:/limits/0/that").check();
        hands.type("/limits/0/that", "length * width <= 36 m2")
                .type("/limits/0/say", "A cover can have at most 36 m².");
        hands.step("piece")
                .type("/cases/0/piece/rate/price", "21.40")
                .type("/cases/0/piece/rate/wastePercent", "8")
                .type("/cases/0/piece/rate/roundUpTo", "0.25")
                .type("/cases/0/piece/rate/atLeast", "2.5")
                .type("/cases/0/piece/base", "35.00");
        hands.step("breaks")
                .press("ladder", "", "percent-off")
                .type("/ladder/rows/0/from", "3")
                .type("/ladder/rows/0/value", "6")
                .type("/ladder/rows/1/from", "10")
                .type("/ladder/rows/1/value", "11.5")
                .press("take-off", "/ladder/rows/2", "");
        hands.trial("a.length", "400").trial("a.width", "180").trial("quantity", "1");
        hands.trial("a.hem", "plain").trial("a.fixing", "loose").costs("206.20");
        assertThat(page.locator("#billable")).hasText("8 m²");
        hands.trial("a.length", "150").trial("a.width", "80").costs("88.50");
        hands.trial("a.length", "523").trial("a.width", "211").trial("quantity", "2");
        hands.trial("a.hem", "roped").trial("a.fixing", "zip").costs("361.31", "722.62");
        hands.trial("quantity", "3").costs("341.71", "1,025.13");
        hands.trial("a.length", "1200").trial("a.width", "320").refused("A cover can have at most 36 m²");
        sells(
                hands,
                "COVER",
                shop -> shop.type("length", "523")
                        .type("width", "211")
                        .pick("hem", "roped")
                        .pick("fixing", "zip")
                        .quantity("2")
                        .costs("722.62"),
                "722.62");
    }

    @Test
    void byVolumeInCases() {
        CardHands hands = CardHands.begin(page, "CUSHION", "volume").step("ask");
        hands.limits(0, "cm", "20", "220", "1")
                .limits(1, "cm", "20", "160", "1")
                .limits(2, "mm", "30", "200", "10");
        hands.press("add-choice", "", "")
                .type("/asks/3/label", "Foam")
                .type("/asks/3/choice", "foam")
                .type("/asks/3/options/0/name", "soft")
                .pick("/asks/3/start", "soft")
                .type("/asks/3/options/1/name", "firm")
                .change("/asks/3/options/1/charge", "none")
                .press("add-option", "/asks/3", "")
                .type("/asks/3/options/2/name", "closed cell");
        hands.step("piece");
        rate(hands, 0, "soft_foam", "310.00", "EUR/m3");
        rate(hands, 1, "firm_foam", "395.00", "EUR/m3");
        rate(hands, 2, "sealing", "14.50", "EUR/m2");
        hands.press("way", "/cases/0/piece", "formula")
                .type(
                        "/cases/0/piece/formula",
                        "length * width * height * firm_foam * 140%"
                                + " + 2 * (length * width + length * height + width * height) * sealing + 9 EUR");
        hands.press("add-case", "", "").pick("pick:/cases/0/when:0:name", "foam");
        hands.pick("pick:/cases/0/when:0:operator", "=").pick("pick:/cases/0/when:0:value", "soft");
        hands.type("/cases/0/piece/formula", "length * width * height * soft_foam + 9.00 EUR");
        hands.press("add-case", "", "").pick("pick:/cases/1/when:0:name", "foam");
        hands.pick("pick:/cases/1/when:0:operator", "=").pick("pick:/cases/1/when:0:value", "firm");
        hands.type("/cases/1/piece/formula", "length * width * height * firm_foam + 9.00 EUR");
        hands.trial("a.length", "190").trial("a.width", "65").trial("a.height", "100");
        hands.trial("a.foam", "soft").costs("47.29");
        hands.trial("a.foam", "firm").trial("quantity", "4").costs("57.78", "231.12");
        hands.trial("a.length", "60").trial("a.width", "60").trial("a.height", "50");
        hands.trial("a.foam", "closed cell").trial("quantity", "1").costs("31.13");
        sells(
                hands,
                "CUSHION",
                shop -> shop.type("length", "60")
                        .type("width", "60")
                        .type("height", "50")
                        .pick("foam", "closed cell")
                        .costs("31.13"),
                "31.13");
    }

    private static void rate(CardHands hands, int index, String name, String value, String unit) {
        String at = "/namedRates/" + index;
        hands.press("add-rate", "", "")
                .type(at + "/name", name)
                .type(at + "/value", value)
                .type(at + "/unit", unit);
    }

    @Test
    void byWeight() {
        CardHands hands = CardHands.begin(page, "LEAD", "weight").costs("666.00");
        hands.type("/cases/0/piece/rate/price", "4.35");
        hands.trial("a.weight", "12.5").costs("54.38");
        hands.trial("a.weight", "7.5").trial("quantity", "2").costs("32.63", "65.26");
        hands.trial("a.weight", "0.3").refused("No price");
        sells(hands, "LEAD", shop -> shop.type("weight", "7.5").quantity("2").costs("65.26"), "65.26");
    }

    @Test
    void byAPriceGridPasted() {
        CardHands hands = CardHands.begin(page, "WINDOW", "grid").step("ask");
        hands.limits(0, "mm", "100", "900", "1").limits(1, "mm", "100", "700", "1");
        hands.press("add-choice", "", "")
                .type("/asks/2/label", "Thickness")
                .type("/asks/2/choice", "thickness")
                .type("/asks/2/options/0/name", "8 mm")
                .pick("/asks/2/start", "8 mm")
                .type("/asks/2/options/1/name", "10 mm")
                .change("/asks/2/options/1/charge", "percent")
                .type("/asks/2/options/1/charge/percent", "22.5");
        hands.step("piece");
        page.locator(".corner input").focus();
        Paste.into(
                page,
                "\t300\t450\t600\t900\n250\t38.00\t49.50\t61.00\t88.00\n"
                        + "400\t52.00\t66.50\t83.00\t119.00\n700\t79.00\t101.00\t127.50\t\n");
        assertThat(hands.field("/cases/0/piece/grid/prices/2/2")).hasValue("127.50");
        hands.trial("a.thickness", "8 mm");
        hands.trial("a.width", "300").trial("a.height", "250").costs("38.00");
        hands.trial("a.width", "301").costs("49.50");
        assertThat(page.locator(".heat td.in-use input")).hasValue("49.50");
        hands.trial("a.width", "445").trial("a.height", "399").trial("a.thickness", "10 mm");
        hands.trial("quantity", "2").costs("81.46", "162.92");
        hands.trial("a.width", "700").trial("a.height", "500").refused("No price");
        sells(
                hands,
                "WINDOW",
                shop -> shop.type("width", "445")
                        .type("height", "399")
                        .pick("thickness", "10 mm")
                        .quantity("2")
                        .costs("162.92"),
                "162.92");
    }

    @Test
    void inPacks() {
        CardHands hands = CardHands.begin(page, "LEAD", "packs");
        hands.type("/cases/0/piece/packs/packs/1/price", "39.50")
                .type("/cases/0/piece/packs/packs/2/price", "92.00")
                .type("/cases/0/piece/packs/own/price", "4.35");
        hands.trial("pack", "10 kg").costs("39.50");
        hands.trial("pack", "25 kg").trial("quantity", "3").costs("92.00", "276.00");
        assertThat(page.locator("table[aria-label=Packs]")).containsText("15.4 % less than the own amount");
        hands.trial("pack", "").trial("a.weight", "12.5").trial("quantity", "1").costs("54.38");
        hands.trial("a.weight", "7.5").trial("quantity", "2").costs("32.63", "65.26");
        sells(
                hands,
                "LEAD",
                shop -> shop.pack("25 kg")
                        .quantity("3")
                        .costs("276.00")
                        .pack("Any amount")
                        .type("weight", "12.5")
                        .quantity("1")
                        .costs("54.38"),
                "54.38");
    }

    @Test
    void inLots() {
        CardHands hands = CardHands.begin(page, "TRAY-W", "lots");
        hands.type("/ladder/rows/0/value", "19.00")
                .type("/ladder/rows/1/value", "31.00")
                .type("/ladder/rows/2/from", "9")
                .type("/ladder/rows/2/value", "44.50")
                .type("/ladder/upTo", "12")
                .type("/ladder/furtherPiece", "3.75");
        hands.trial("quantity", "4").costs("4.75", "19.00");
        hands.trial("quantity", "8").costs("3.88", "31.00");
        hands.trial("quantity", "12").costs("3.71", "44.50");
        hands.trial("quantity", "20").costs("3.73", "74.50");
        sells(hands, "TRAY-W", shop -> shop.quantity("20").costs("74.50"), "74.50");
    }

    @Test
    void byAFormulaOverAWeight() {
        CardHands hands = CardHands.begin(page, "BRASS", "formula").step("ask");
        hands.type("/asks/1/measurement", "diameter").type("/asks/1/label", "Diameter");
        hands.limits(0, "mm", "50", "3000", "1").limits(1, "mm", "6", "60", "1");
        hands.step("piece").type("/namedRates/0/name", "density");
        hands.type("/namedRates/0/value", "8470").type("/namedRates/0/unit", "kg/m3");
        rate(hands, 1, "brass", "12.90", "EUR/kg");
        rate(hands, 2, "cut", "1.80", "EUR");
        hands.type(
                "/cases/0/piece/formula",
                "=MAX(3.50 EUR; ROUNDUP(PI() * (diameter / 2)^2 * length * density * brass; 1) + cut)");
        hands.step("breaks")
                .press("ladder", "", "percent-off")
                .type("/ladder/rows/0/value", "4")
                .type("/ladder/rows/1/from", "50")
                .type("/ladder/rows/1/value", "9")
                .press("take-off", "/ladder/rows/2", "");
        hands.trial("a.diameter", "6")
                .trial("a.length", "50")
                .trial("quantity", "1")
                .costs("3.50");
        hands.trial("a.diameter", "20").trial("a.length", "1000").costs("36.20");
        hands.trial("quantity", "12").costs("34.75", "417.00");
        hands.trial("a.diameter", "35")
                .trial("a.length", "415")
                .trial("quantity", "50")
                .costs("41.41", "2,070.50");
        sells(
                hands,
                "BRASS",
                shop -> shop.type("diameter", "20")
                        .type("length", "1000")
                        .quantity("12")
                        .costs("417.00"),
                "417.00");
    }

    /** The draft is put live, and a shopper buys what it prices. */
    private void sells(CardHands hands, String sku, Consumer<Shopping> picking, String total) {
        hands.live();
        Shopping shop = Shopping.at(shopper, sku);
        picking.accept(shop);
        shop.orders(total);
    }
}
