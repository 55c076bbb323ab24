package dev.steelyard.web.editing.card;

import dev.steelyard.format.CardWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.web.editing.list.Line;
import dev.steelyard.web.editing.list.Listing;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The list of rate cards, with who wins beside it; how one is begun. */
@Component
class CardListing implements Listing {

    private final Drafts drafts;
    private final CardOverview overview;
    private final Shops shops;
    private final Books books;

    CardListing(Drafts drafts, CardOverview overview, Shops shops, Books books) {
        this.drafts = drafts;
        this.overview = overview;
        this.shops = shops;
        this.books = books;
    }

    @Override
    public DraftKind kind() {
        return DraftKind.CARD;
    }

    @Override
    public List<Line> lines() {
        return overview.lines(drafts.inOrder(DraftKind.CARD));
    }

    @Override
    public Map<String, Object> beside(Function<String, String> asked) {
        List<String> groups = shops.groups().stream().map(CustomerGroup::name).toList();
        Winner.Question question = new Winner.Question(
                asked.apply("sku"),
                asked.apply("group"),
                asked.apply("country"),
                asked.apply("day"),
                asked.apply("signedIn").equals("true"));
        return Map.of(
                "groups",
                groups,
                "countries",
                Countries.all(),
                "winner",
                Winner.of(question, books.inForce(), groups, shops.now()));
    }

    @Override
    public List<Start> ways() {
        return List.of(Start.values());
    }

    @Override
    public Words words() {
        return new Words(
                "Rate cards",
                "rate card",
                "Card",
                "tried from the top",
                "Priced …",
                "Pick how the card prices.",
                "{\"name\": \"Boat covers\", …}");
    }

    @Override
    public ObjectNode begin(Way way, Begin.Picked picked, String name) {
        ObjectNode card = Starts.card(
                (Start) way,
                name,
                shops.current().currency(),
                shops.current().habits().language(),
                picked.goods());
        picked.covers(card);
        return card;
    }

    @Override
    public Read read(String text) {
        Documents.CardReading reading =
                Documents.readCard(cardOf(text), shops.current().zone());
        if (reading.card() == null) {
            return new Read(Optional.empty(), reading.issues());
        }
        ObjectNode card = CardWriter.write(reading.card());
        withoutCodes(card);
        return new Read(Optional.of(card), List.of());
    }

    /** The card of a whole document, or the text as it is. */
    private static String cardOf(String text) {
        Json.Parsed parsed = Json.parse(text);
        return parsed.root() != null && parsed.root().path("card").isObject()
                ? Json.write(Objects.requireNonNull(parsed.root().get("card")))
                : text;
    }

    /** UCUM codes stand beside units in what is written; while a unit can still be changed they would be in the way. */
    private static void withoutCodes(ObjectNode node) {
        node.remove(node.propertyNames().stream()
                .filter(name -> name.equals("ucum") || name.endsWith("Ucum"))
                .toList());
        node.valueStream().forEach(value -> {
            if (value instanceof ObjectNode object) {
                withoutCodes(object);
            } else if (value instanceof ArrayNode array) {
                array.forEach(item -> {
                    if (item instanceof ObjectNode object) {
                        withoutCodes(object);
                    }
                });
            }
        });
    }
}
