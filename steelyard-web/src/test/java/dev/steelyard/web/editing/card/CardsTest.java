package dev.steelyard.web.editing.card;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Drafts as they are kept, and their pages without a browser. */
@ExtendWith(WithApp.class)
class CardsTest {

    private static final String COVER =
            """
            {"name": "Covers", "asks": [{"measurement": "length", "label": "Length", "kind": "length", "unit": "cm",
             "ucum": "cm", "min": 150, "max": 1200}], "cases": [{"piece": {"rate": {"amount": "length", "unit": "m",
             "ucum": "m", "price": "21.40"}}}], "covers": {"products": ["COVER"]}}""";

    @Test
    void aCardForEverythingByQuantityOpensThoughSomeGoodsHaveNoShelfPrice(Http owner) {
        Http.Answer card = owner.signIn("maren").post("/cards", "start", "quantity", "everything", "true");
        assertThat(card.status()).isEqualTo(200);
        assertThat(card.text()).contains("were put in by Steelyard as samples").contains("They are meant so");
        assertThat(owner.get(card.response().uri().getPath() + "/live").text())
                .contains("Covers everything: all 13 products of the shop", "were put in by Steelyard as samples");
    }

    @Test
    void undoAndRedoGoAlongTheVersionsAndANewChangeEndsRedo(App app) {
        Drafts cards = app.bean(Drafts.class);
        Draft first = cards.create(DraftKind.CARD, named("One"), "{}", "Maren");
        Draft second = keep(cards, first, "Two");
        Draft third = keep(cards, second, "Three");
        Draft back = kept(cards.undo(third.id(), third.number(), "Maren"));
        assertThat(back.name()).isEqualTo("Two");
        Draft further = kept(cards.undo(back.id(), back.number(), "Maren"));
        assertThat(further.name()).isEqualTo("One");
        assertThat(further.undo()).isFalse();
        Draft on = kept(cards.redo(further.id(), further.number(), "Maren"));
        Draft again = kept(cards.redo(on.id(), on.number(), "Maren"));
        assertThat(again.name()).isEqualTo("Three");
        assertThat(again.redo()).isFalse();
        Draft undone = kept(cards.undo(again.id(), again.number(), "Maren"));
        Draft other = keep(cards, undone, "Four");
        assertThat(other.redo()).isFalse();
        assertThat(kept(cards.undo(other.id(), other.number(), "Maren")).name()).isEqualTo("Two");
        assertThat(cards.version(first.id(), first.number()))
                .get()
                .extracting(DraftDocument::name)
                .isEqualTo("One");
    }

    @Test
    void nothingIsWrittenOverUnseenAndNothingChangedIsNoVersion(App app) {
        Drafts cards = app.bean(Drafts.class);
        Draft first = cards.create(DraftKind.CARD, named("One"), "{}", "Maren");
        Draft second = keep(cards, first, "Two");
        assertThat(cards.keep(first.id(), first.number(), named("Mine"), "{}", "Jonas"))
                .get()
                .isInstanceOf(KeepResult.ChangedMeanwhile.class);
        assertThat(cards.find(DraftKind.CARD, first.id()))
                .get()
                .extracting(Draft::name)
                .isEqualTo("Two");
        assertThat(keep(cards, second, "Two").number()).isEqualTo(second.number());
        assertThat(cards.keep(-1, 1, named("x"), "{}", "Jonas")).isEmpty();
    }

    @Test
    void aCardIsReadAndWrittenInTheOpenFormat(Http owner) {
        owner.signIn("maren");
        Http.Answer read = owner.post("/cards/read", "json", COVER);
        String path = read.response().uri().getPath();
        assertThat(read.text()).contains("types length from");
        JsonNode written = Json.read(owner.get(path + "/card.json").body());
        assertThat(Documents.readCard(Json.write(written), ZoneOffset.UTC).card())
                .isEqualTo(Documents.readCard(COVER, ZoneOffset.UTC).card());
        assertThat(written.at("/asks/0/ucum").asString()).isEqualTo("cm");

        String whole = "{\"product\": {\"sku\": \"A\"}, \"card\": " + COVER + "}";
        assertThat(owner.post("/cards/read", "json", whole).text()).contains("types length from");
    }

    /** All thirteen products are priced by a card that is live or planned, and its check weights hold. */
    @Test
    void theDemoShopsCheckWeightsHold(App app, Http owner) {
        owner.signIn("maren");
        for (Draft card : app.bean(Drafts.class).inOrder(DraftKind.CARD)) {
            Standing standing = app.bean(Releases.class).of(card.id());
            assertThat(standing.liveNumber()).as(card.name()).isPositive();
            for (long number : List.of(standing.liveNumber(), standing.lastPlanned())) {
                assertThat(owner.get("/cards/" + card.id() + "/live?b=" + number)
                                .text())
                        .as(card.name() + " " + number)
                        .containsPattern("✓ (All \\d check weights hold|Its check weight holds)")
                        .contains("✓ Covers 1 product")
                        .doesNotContain("Stops it");
            }
        }
        BookInForce book = app.bean(Books.class).inForce();
        assertThat(book.goods()).hasSize(13).allSatisfy(product -> assertThat(book.cards().stream()
                        .anyMatch(card -> card.card().card().covers().covers(product)))
                .as(product.name())
                .isTrue());
    }

    @Test
    void whatCannotBeReadIsSaidWithItsPlaceAndTheTextStays(Http owner) {
        owner.signIn("maren");
        Http.Answer answer =
                owner.post("/cards/read", "json", COVER.replace("\"max\": 1200", "\"max\": \"x\", \"mux\": 1"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text()).contains("/asks/0/max:").contains("there is no field “mux” here");
        assertThat(answer.body()).contains("&quot;mux&quot;");
        assertThat(owner.post("/cards/read", "json", "{").text()).contains("this is no JSON that can be read");
        assertThat(owner.post("/cards", "goods", "COVER").text()).contains("Pick how the card prices.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"javascript:alert(1)", "/assets/../x", "http://example.org/x.png", "//example.org/x.png"})
    void aPictureThatIsNotOursIsRefusedOnReading(String picture, Http owner) {
        owner.signIn("maren");
        String card = "{\"name\": \"Hem\", \"asks\": [{\"choice\": \"hem\", \"label\": \"Hem\", \"options\": ["
                + "{\"name\": \"plain\", \"picture\": \"" + picture + "\"}]}]}";
        Http.Answer read = owner.post("/cards/read", "json", card);
        assertThat(read.status()).isEqualTo(422);
        assertThat(read.text()).contains("/asks/0/options/0/picture");
        assertThat(owner.post("/cards/read", "json", card.replace(picture, "/assets/options/rope.svg"))
                        .status())
                .isEqualTo(200);
    }

    /** Half past two does not exist on the day clocks are put forward, and comes twice on the day they are put back. */
    @Test
    void aMomentThatClocksSkipOrRepeatIsAskedAboutWhereItIsTyped(Http owner) {
        owner.signIn("maren");
        String path = owner.post("/cards/read", "json", COVER).response().uri().getPath();
        Http.Answer skipped = typed(owner, path, "/covers/from", "2027-03-28T02:30");
        assertThat(skipped.text()).contains("02:30 does not exist on 2027-03-28");
        assertThat(skipped.body()).contains("data-to=\"2027-03-28T01:59\"", "data-to=\"2027-03-28T03:00\"");
        Http.Answer twice = typed(owner, path, "/covers/until", "2027-10-31T02:30");
        assertThat(twice.body()).contains("data-to=\"2027-10-31T02:30+02:00\"", "data-to=\"2027-10-31T02:30+01:00\"");
        Http.Answer picked = typed(owner, path, "/covers/until", "2027-10-31T02:30+01:00");
        assertThat(picked.text()).doesNotContain("comes twice");
        assertThat(picked.body()).contains("value=\"2027-10-31T02:30+01:00\"");
    }

    private static Http.Answer typed(Http owner, String path, String place, String text) {
        String based = owner.get(path).field("basedOn");
        return owner.background(path + "/edit", "do", "keep", "basedOn", based, "step", "covers", place, text);
    }

    @Test
    void aCardIsCopiedTakenAwayAndPutBack(App app, Http owner) {
        owner.signIn("maren");
        String path = owner.post("/cards/read", "json", COVER).response().uri().getPath();
        owner.post(path + "/copy");
        assertThat(owner.get("/cards").text()).contains("Copy of Covers");
        assertThat(owner.post(path + "/remove").text())
                .contains("Covers is taken away; shoppers do not see it. Put it back");
        assertThat(app.bean(Drafts.class).inOrder(DraftKind.CARD))
                .extracting(Draft::name)
                .contains("Copy of Covers")
                .doesNotContain("Covers");
        owner.post(path + "/put-back");
        assertThat(app.bean(Drafts.class).inOrder(DraftKind.CARD))
                .extracting(Draft::name)
                .endsWith("Covers", "Copy of Covers");
        assertThat(owner.get("/cards/999999").status()).isEqualTo(404);
    }

    /** Whatever is typed into every field of every step: an answer with words, never a fault of ours. */
    @Test
    void hostileTextInAnyFieldIsAnswered(Http owner) {
        owner.signIn("maren");
        Http.Answer made = owner.post("/cards/read", "json", COVER);
        String path = made.response().uri().getPath();
        String number = made.field("basedOn");
        List<String> hostile = List.of(
                "", "-", "1e999999999", "9^9^9^9", "\"", "' or 1=1", "\u0000\u0007", "(".repeat(3000), "🪢", "1,5");
        List<String> places = List.of(
                "/name",
                "/asks/0/measurement",
                "/asks/0/unit",
                "/asks/0/min",
                "/asks/0/step",
                "/cases/0/piece/rate/amount",
                "/cases/0/piece/rate/price",
                "/cases/0/piece/rate/unit",
                "/cases/0/piece/rate/breaks",
                "/ladder",
                "/ladder/rows",
                "/covers",
                "/covers/from",
                "/finish",
                "/shopPage/sides",
                "t.quantity",
                "t.a.length",
                "t.day",
                "t.sku",
                "axisEnd");
        for (String step : List.of("ask", "piece", "breaks", "covers", "shop", "weights")) {
            for (String place : places) {
                String text = hostile.get(Math.floorMod((step + place).hashCode(), hostile.size()));
                Http.Answer answer =
                        owner.background(path + "/edit", "do", "look", "basedOn", number, "step", step, place, text);
                assertThat(answer.status()).as(step + " " + place + " " + text).isEqualTo(200);
            }
        }
        assertThat(owner.background(
                                path + "/edit",
                                "do",
                                "look",
                                "step",
                                "piece",
                                "basedOn",
                                number,
                                "/cases/0/piece/rate/price",
                                "1,500")
                        .text())
                .contains("1,500 can be 1.500 or 1500; write the one that is meant");
    }

    private static DraftDocument named(String name) {
        ObjectNode card = Json.object();
        card.put("name", name);
        return DraftDocument.of(card);
    }

    private static Draft keep(Drafts cards, Draft entry, String name) {
        return kept(cards.keep(entry.id(), entry.number(), named(name), "{}", "Maren"));
    }

    private static Draft kept(Optional<KeepResult> result) {
        return ((KeepResult.Kept) Objects.requireNonNull(result.orElseThrow())).entry();
    }
}
