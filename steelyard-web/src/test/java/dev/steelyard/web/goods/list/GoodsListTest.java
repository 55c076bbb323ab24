package dev.steelyard.web.goods.list;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.start.demo.MadeUpGoods;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(WithApp.class)
class GoodsListTest {

    private static final Pattern NAME = Pattern.compile("<a href=\"/goods/\\d+\">([^<]*)</a>");
    private static final Pattern LATER = Pattern.compile("rel=\"(next|prev)\" href=\"([^\"]*)\"");

    private Http owner;

    @BeforeEach
    void signIn(Http owner) {
        this.owner = owner.signIn("maren");
    }

    private static List<String> names(Answer page) {
        List<String> names = new ArrayList<>();
        Matcher found = NAME.matcher(page.body());
        while (found.find()) {
            names.add(found.group(1));
        }
        return names;
    }

    private List<String> find(String query) {
        return names(owner.get("/goods?rowsOnly=true&" + query));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "find=shack             | Bow shackle",
                "find=SHK-10            | Bow shackle",
                "find=brush%20deck      | Deck brush",
                "category=Signals       | Signal flag set",
                "brand=Pellham&find=bar | Brass bar, cut",
                "supplier=Harlow+Forge&tag=stainless&find=screw | Stainless screw 4 × 40, loose",
                "type=Signal            | Signal flag set",
                "group=Sailing+school   | Deck brush",
                "least=15&most=20       | Deck brush",
                "least=9&most=10        | Bow shackle"
            })
    void findsAndNarrows(String query, String only) {
        assertThat(find(query.strip())).containsExactly(only);
    }

    @Test
    void theCardThatPricesGoodsAndTheirFindingsNarrowToo(App app) {
        long cover = app.sql()
                .sql("select id from draft where name = 'Boat covers by area'")
                .query(Long.class)
                .single();

        assertThat(find("card=" + cover)).containsExactly("Boat cover, made to measure");
        assertThat(find("findings=true")).contains("Bow shackle").doesNotContain("Anchor chain 8 mm");
        assertThat(find("card=shelf")).isEmpty();
    }

    @Test
    void whatCannotBeReadIsSaidAndNarrowsNothing() {
        Answer page = owner.get("/goods?least=7,400");

        assertThat(page.text()).contains("7,400 can be 7.400 or 7400").contains("13 products");
        assertThat(owner.get("/goods?least=9&most=3").text()).contains("The largest price, 3, is below the least, 9");
        assertThat(owner.get("/goods?find=%27+or+1=1+--+&after=nonsense&sort=x").text())
                .contains("Nothing fits");
    }

    @Test
    void accentsAndCaseDoNotHideGoods(App app) {
        app.sql()
                .sql("update product set name = 'Dübel, ÄSTIG', revision = revision + 1 where id = 13")
                .update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();

        assertThat(find("find=dubel+astig")).containsExactly("Dübel, ÄSTIG");
        assertThat(find("find=D%C3%BCBEL")).containsExactly("Dübel, ÄSTIG");
    }

    @Test
    void sortedByNameSkuPriceAndDayOfChange() {
        assertThat(find("sort=sku").get(0)).isEqualTo("Brass bar, cut");
        assertThat(find("sort=price").get(0)).isEqualTo("Stainless screw 4 × 40, loose");
        assertThat(find("sort=price&least=0&down=true").get(0)).isEqualTo("Deck brush");
        assertThat(find("sort=name&down=true").get(0)).isEqualTo("Wood screws by the tray");
        assertThat(find("sort=changed").get(0)).isEqualTo("Stainless screw 4 × 40, loose");
    }

    @ParameterizedTest
    @CsvSource({
        "''",
        "sort=name&down=true",
        "sort=price",
        "sort=price&down=true",
        "sort=sku",
        "sort=changed",
        "find=fitting&sort=price&down=true"
    })
    void pagesGoOnWhereTheLastEndedAndBack(String query, App app) {
        app.bean(MadeUpGoods.class).fillTo(160);
        app.bean(Books.class).refresh();
        Answer page = owner.get("/goods?" + query);
        List<String> all = new ArrayList<>(names(page));
        int pages = 1;
        for (String next = link(page, "next"); next != null && pages < 9; next = link(page, "next")) {
            page = owner.get(next);
            all.addAll(names(page));
            pages++;
        }

        assertThat(pages).isEqualTo(query.contains("find") ? 3 : 4);
        assertThat(new HashSet<>(all)).hasSameSizeAs(all).hasSize(query.contains("find") ? 147 : 160);
        String back = link(page, "prev");
        assertThat(back).isNotNull();
        assertThat(names(owner.get(back))).isEqualTo(all.subList(50 * (pages - 2), 50 * (pages - 1)));
    }

    private static String link(Answer page, String rel) {
        Matcher links = LATER.matcher(page.body());
        while (links.find()) {
            if (links.group(1).equals(rel)) {
                return links.group(2).replace("&amp;", "&").replace(" ", "%20");
            }
        }
        return null;
    }

    @Test
    void columnsArePickedForTheBrowser() {
        assertThat(owner.get("/goods").body()).contains(">Priced by</th>").doesNotContain(">Supplier</th>");

        Answer page = owner.post("/goods/columns", "column", "supplier", "column", "shelf", "query", "find=brush");

        assertThat(page.body()).contains(">Supplier</th>").doesNotContain(">Priced by</th>");
        assertThat(page.text()).contains("1 of 13 products").contains("15.00");
    }

    @Test
    void onlyWhatChangedIsReadAnewAndWhatIsPutOutIsGone(App app) {
        Books books = app.bean(Books.class);
        var before = books.inForce().goods();
        owner.post("/goods/13/remove");
        var after = books.inForce().goods();

        assertThat(after).hasSize(12);
        assertThat(after.stream().filter(one -> before.stream().anyMatch(old -> old == one)))
                .hasSize(12);
        owner.post("/goods/13/put-back");
        assertThat(books.inForce().goods()).hasSize(13);
    }

    /** A list asked for twice is kept; it knows of what came and went since, and however many are asked for in between. */
    @Test
    void listsThatWereAskedForFollowWhatChanges() {
        List<String> brand = find("brand=Pellham");
        assertThat(brand).isNotEmpty().isEqualTo(find("brand=Pellham"));
        String gone = brand.get(0);
        String number = owner.get("/goods?rowsOnly=true&brand=Pellham")
                .body()
                .replaceAll("(?s).*?<a href=\"/goods/(\\d+)\">" + Pattern.quote(gone) + "</a>.*", "$1");

        owner.post("/goods/" + number + "/remove");
        assertThat(find("brand=Pellham")).doesNotContain(gone).hasSize(brand.size() - 1);
        for (String other :
                List.of("category=Signals", "category=Hardware", "tag=deck", "tag=stainless", "brand=None")) {
            find(other);
        }
        owner.post("/goods/" + number + "/put-back");

        assertThat(find("brand=Pellham")).isEqualTo(brand);
        assertThat(find("brand=Pellham&find=lead")).containsExactly("Lead ballast");
        assertThat(find("brand=None")).isEmpty();
    }
}
