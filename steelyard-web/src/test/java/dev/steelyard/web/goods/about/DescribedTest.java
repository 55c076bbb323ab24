package dev.steelyard.web.goods.about;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(WithApp.class)
class DescribedTest {

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
    }

    private static String[] form(String... changed) {
        List<String> form = new ArrayList<>(
                List.of("sku", "CLEAT", "name", "Horn cleat", "drawing", "shackle", "shelfPrice", "12.50"));
        List<String> others = new ArrayList<>(Arrays.asList(changed));
        for (int i = 0; i < others.size(); i += 2) {
            int at = form.indexOf(others.get(i));
            if (at >= 0 && at % 2 == 0 && at < 8) {
                form.set(at + 1, others.get(i + 1));
            } else {
                form.addAll(others.subList(i, i + 2));
            }
        }
        return form.toArray(String[]::new);
    }

    @Test
    void aProductIsAddedWithItsVariantsAndSoldAtOnce() {
        Answer page = owner.post(
                "/goods/new",
                form(
                        "brand",
                        "Brassworks",
                        "category",
                        "2",
                        "tags",
                        "deck, new , deck",
                        "unitCost",
                        "6",
                        "variantId",
                        "",
                        "variantSku",
                        "CLEAT-S",
                        "variantName",
                        "small",
                        "variantCost",
                        "",
                        "variantId",
                        "",
                        "variantSku",
                        "CLEAT-L",
                        "variantName",
                        "large",
                        "variantCost",
                        "7.20"));

        assertThat(page.text()).contains("Horn cleat").contains("small").contains("large");
        assertThat(owner.get("/counter/goods/CLEAT-L").text()).contains("12.50");
        assertThat(owner.get("/goods?rowsOnly=true&brand=Brassworks&category=Hardware&tag=deck")
                        .text())
                .contains("Horn cleat")
                .contains("1 of 14 products");
        assertThat(owner.get("/history").text()).contains("Maren made Horn cleat");
    }

    @Test
    void variantsArePastedLookedAtAndSaved() {
        String[] pasted = form(
                "paste", "yes", "pasted", "Name;SKU;Price\nsmall;CLEAT-S;9,50\nlarge;CLEAT-L;14.20\nlarge;SHK-8;x\n");
        Answer looked = owner.post("/goods/new", pasted);
        assertThat(looked.body()).contains("nothing is saved yet").contains("value=\"9,50\"");
        assertThat(owner.get("/goods?rowsOnly=true&find=CLEAT").text()).doesNotContain("CLEAT-S");

        owner.post(
                "/goods/new",
                form(
                        "variantId",
                        "",
                        "variantSku",
                        "CLEAT-S",
                        "variantName",
                        "small",
                        "variantPrice",
                        "9,50",
                        "variantId",
                        "",
                        "variantSku",
                        "CLEAT-L",
                        "variantName",
                        "large",
                        "variantPrice",
                        ""));
        assertThat(owner.get("/counter/goods/CLEAT-S").text()).contains("9.50");
        assertThat(owner.get("/counter/goods/CLEAT-L").text()).contains("12.50");
    }

    @Test
    void whatCannotBeTakenIsSaidByTheFieldAndKept() {
        Answer page = owner.post(
                "/goods/new",
                form(
                        "sku",
                        "SHK-8",
                        "name",
                        "",
                        "shelfPrice",
                        "7,400",
                        "decimals",
                        "9",
                        "variantId",
                        "",
                        "variantSku",
                        "SHK-8",
                        "variantName",
                        "",
                        "variantCost",
                        "-1"));

        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text())
                .contains("“SHK-8” is the SKU of Bow shackle, 8 mm already")
                .contains("Type something here")
                .contains("7,400 can be 7.400 or 7400")
                .contains("“9” is not from 0 to 6")
                .contains("The SKU “SHK-8” stands twice")
                .contains("-1 is below 0");
        assertThat(page.body()).contains("value=\"7,400\"");
        assertThat(owner.post("/goods/new", form("sku", " ")).text()).contains("Type a SKU");
    }

    @ParameterizedTest
    @ValueSource(strings = {"..", "a/b", "a%2Fb", "a\\b", "a;b", "."})
    void aSkuThatNoAddressCanNameIsRefused(String sku) {
        Answer page = owner.post("/goods/new", form("sku", sku));
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.text()).contains("“" + sku + "” cannot be a SKU: it stands in addresses");
        Answer variant = owner.post(
                "/goods/new", form("variantId", "", "variantSku", sku, "variantName", "x", "variantCost", ""));
        assertThat(variant.status()).isEqualTo(422);
        assertThat(variant.text()).contains("cannot be a SKU");
    }

    @Test
    void whatIsSaidOfGoodsIsChangedAndVariantsComeAndGo() {
        Answer before = owner.get("/goods/1/about");

        Answer page = owner.post(
                "/goods/1/about",
                "version",
                before.field("version"),
                "sku",
                "SHK",
                "name",
                "Bow shackle, forged",
                "drawing",
                "shackle",
                "variantId",
                "1",
                "variantSku",
                "SHK-6",
                "variantName",
                "6 mm",
                "variantCost",
                "3.20",
                "variantId",
                "2",
                "variantSku",
                "SHK-8",
                "variantName",
                "8 mm",
                "variantCost",
                "",
                "variantId",
                "3",
                "variantSku",
                "SHK-10",
                "variantName",
                "10 mm",
                "variantCost",
                "",
                "variantOff",
                "3",
                "variantId",
                "",
                "variantSku",
                "SHK-12",
                "variantName",
                "12 mm",
                "variantCost",
                "");

        assertThat(page.text()).contains("Saved. Shoppers see it now.");
        assertThat(owner.get("/counter/goods/SHK-12").text()).contains("Bow shackle, forged");
        assertThat(app.sql()
                        .sql("select count(*) from price_row where variant_id = 3")
                        .query(Integer.class)
                        .single())
                .isZero();
        assertThat(owner.get("/history").text()).contains("Maren changed what is said of Bow shackle, forged");
    }

    @Test
    void theSlowerOfTwoIsToldAndLosesNothing() {
        Answer mine = owner.get("/goods/13/about");
        app.sql()
                .sql("update product set version = version + 1, changed_by = 'Jonas' where id = 13")
                .update();

        Answer page = owner.post(
                "/goods/13/about", "version", mine.field("version"), "name", "Deck broom", "drawing", "brush");

        assertThat(page.status()).isEqualTo(409);
        assertThat(page.text()).contains("Jonas has changed the product since you opened it");
        assertThat(page.body()).contains("value=\"Deck broom\"");
        assertThat(owner.get("/goods/99999/about").status()).isEqualTo(404);
    }

    @Test
    void categoriesBrandsAndTagsAreMadeRenamedAndTakenAway() {
        owner.post("/goods/shelves", "of", "CATEGORY", "do", "add", "name", "Cleats", "below", "2");
        assertThat(owner.get("/goods/shelves").body())
                .contains("value=\"Cleats\"")
                .contains("data-depth=\"1\"");
        assertThat(owner.post("/goods/shelves", "of", "CATEGORY", "do", "add", "name", "Cleats")
                        .text())
                .contains("There is a category “Cleats” already");
        assertThat(owner.post("/goods/shelves", "of", "BRAND", "do", "rename", "key", "1", "name", "Grannock & Sons")
                        .status())
                .isEqualTo(200);
        assertThat(owner.get("/goods?rowsOnly=true&brand=Grannock+%26+Sons").text())
                .contains("Bow shackle");
        owner.post("/goods/shelves", "of", "TAG", "do", "rename", "key", "cabin", "name", "below deck");
        assertThat(owner.get("/goods?rowsOnly=true&tag=below+deck").text()).contains("Berth cushion");
        owner.post("/goods/shelves", "of", "TAG", "do", "remove", "key", "below deck");
        assertThat(owner.get("/goods?rowsOnly=true&tag=below+deck").text()).contains("Nothing fits");
    }

    @Test
    void whatACardOrDealCoversIsRenamedInItTooAndNotTakenAwayUnseen() {
        app.sql().sql("update draft set removed_at = null where kind = 'DEAL'").update();
        assertThat(owner.get("/deals").text()).contains("Rope &amp; chain");

        owner.post("/goods/shelves", "of", "CATEGORY", "do", "rename", "key", "1", "name", "Cordage");

        assertThat(owner.get("/deals").text()).contains("Cordage").doesNotContain("Rope &amp; chain");
        Answer refused = owner.post("/goods/shelves", "of", "CATEGORY", "do", "remove", "key", "1");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("“Cordage” cannot be taken away").contains("cover goods by it");
    }
}
