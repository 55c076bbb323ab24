package dev.steelyard.web.shop.history;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.shop.history.StateChanges.Difference;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class HistoryTest {

    @Test
    void statesDifferByNameInTheOrderPeopleCount() {
        Map<String, String> before = Map.of("from 10", "6.90", "from 9", "7.00", "shelf price", "7.40");
        Map<String, String> after = Map.of("from 10", "6.80", "from 9", "7.00", "from 100", "5.00");
        assertThat(StateChanges.between(before, after))
                .extracting(Difference::words)
                .containsExactly(
                        "from 10: 6.90 → 6.80", "from 100: added at 5.00", "shelf price: taken off (was 7.40)");
        assertThat(StateChanges.between(after, after)).isEmpty();
    }

    @Test
    void numbersInTextsSortByTheirValue() {
        assertThat(Stream.of("from 100", "from 9", "from 10 for Boatyard", "from 10", "a")
                        .sorted(new NumbersInText())
                        .toList())
                .isEqualTo(List.of("a", "from 9", "from 10", "from 10 for Boatyard", "from 100"));
        assertThat(new NumbersInText().compare("007", "7")).isNotZero();
    }

    @Test
    void aChangeOfPricesIsKeptWithBothStates(App app, Http owner) {
        owner.signIn("jonas");
        save(app, "14.10");
        save(app, "14.20");
        Http.Answer list = owner.get("/history?subject=prices");
        assertThat(list.text())
                .contains("Jonas changed prices of Deck brush", "from 6: 13.20 → 14.10", "from 6: 14.10 → 14.20");
        List<Long> ids = app.sql()
                .sql("select id from change_entry where subject = 'PRICES' order by id")
                .query(Long.class)
                .list();
        Http.Answer both = owner.get("/history/prices?of=13&a=" + ids.get(0) + "&b=" + ids.get(1));
        assertThat(both.text()).contains("Prices of Deck brush").contains("from 6 14.10 14.20");
        assertThat(owner.get("/history/prices?of=13&a=" + ids.get(0) + "&b=" + ids.get(0))
                        .text())
                .contains("before it")
                .contains("from 6 13.20 14.10");
        assertThat(owner.get("/history/prices?of=7").status()).isEqualTo(404);
        assertThat(owner.get("/history?by=Nobody").text()).contains("Nothing was changed yet that fits");
    }

    @Test
    void changesAreFoundByDaysAndByWords(App app, Http owner) {
        owner.signIn("jonas");
        save(app, "14.10");
        app.sql()
                .sql(
                        "update change_entry set made_at = '2026-11-20 12:00:00', why = '100 % of the mill' where subject = 'PRICES'")
                .update();
        assertThat(owner.get("/history?from=2026-11-20&until=2026-11-20").text())
                .contains("Deck brush");
        assertThat(owner.get("/history?subject=prices&from=2026-11-21").text())
                .contains("Nothing was changed yet that fits");
        assertThat(owner.get("/history?subject=prices&until=2026-11-19").text())
                .contains("Nothing was changed yet that fits");
        for (String words : List.of("deck", "100%20%25%20of", "14.10")) {
            assertThat(owner.get("/history?subject=prices&find=" + words).text())
                    .contains("Deck brush");
        }
        assertThat(owner.get("/history?subject=prices&find=100%25of").text())
                .contains("Nothing was changed yet that fits");
        assertThat(owner.get("/history?from=soon").text()).contains("“soon” is no day; write it like 2027-04-01");
    }

    /** The deck brush from 6 at another price; its other rows are gone. */
    private static void save(App app, String price) {
        GoodsStore goods = app.bean(GoodsStore.class);
        GoodsEntry brush = goods.find(13).orElseThrow();
        goods.save(
                new PriceEdit(
                        13,
                        null,
                        brush.version(),
                        new BigDecimal("15.00"),
                        Over.LINE,
                        List.of(Break.everyone(6, new BigDecimal(price)))),
                "Jonas");
    }

    @Test
    void editsOfADraftCloseTogetherAreOneLine(App app, Http owner) {
        owner.signIn("maren");
        String path = owner.post(
                        "/cards/read", "json", "{\"name\": \"Brushes\", \"covers\": {\"products\": [\"BRU-1\"]}}")
                .response()
                .uri()
                .getPath();
        for (String name : List.of("Brushes 1", "Brushes 2", "Brushes 3")) {
            String based = owner.get(path).field("basedOn");
            owner.background(path + "/edit", "do", "keep", "basedOn", based, "step", "ask", "/name", name);
        }
        assertThat(app.sql()
                        .sql("select times from change_entry where what = 'DRAFT' and subject_name = 'Brushes 3'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(3);
        assertThat(owner.get("/history?subject=card").text())
                .contains("changed the draft of Brushes 3 3 edits", "made Brushes");
    }
}
