package dev.steelyard.format;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.DealChecks;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.CardIssue;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.format.Document.Order;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads documents: one, or a list of them. */
public final class Documents {

    private Documents() {}

    /** The fields that stand beside a card's own where a card alone is a document. */
    private static final String CASES = "cases";

    /** What a card alone is tried with where nothing else is said: goods without a shelf price. */
    private static final Product GOODS = Product.of(new Sku("GOODS"), "Goods", null);

    /**
     * What came of reading.
     *
     * @param documents those that could be read
     * @param issues of all others
     * @param unread what the others are called: by their id, else by their place
     */
    public record Reading(List<Priceable> documents, List<FormatIssue> issues, List<String> unread) {

        public Reading {
            documents = List.copyOf(documents);
            issues = List.copyOf(issues);
            unread = List.copyOf(unread);
        }

        /** Those of one card. */
        public List<Document> ofCards() {
            return documents.stream()
                    .filter(Document.class::isInstance)
                    .map(Document.class::cast)
                    .toList();
        }

        /** Those of baskets. */
        public List<BasketDocument> ofBaskets() {
            return documents.stream()
                    .filter(BasketDocument.class::isInstance)
                    .map(BasketDocument.class::cast)
                    .toList();
        }
    }

    /**
     * Reads a text.
     *
     * @param shop counts where a document says nothing about its shop
     */
    public static Reading read(String text, ShopRules shop) {
        Json.Parsed parsed = Json.parse(text);
        return parsed.root() == null
                ? new Reading(
                        List.of(), List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))), List.of("it"))
                : read(parsed.root(), shop);
    }

    /** The same for JSON that has been read already. */
    public static Reading read(JsonNode root, ShopRules shop) {
        List<FormatIssue> issues = new ArrayList<>();
        List<Priceable> documents = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        int count = root.isArray() ? root.size() : 1;
        for (int i = 0; i < count; i++) {
            JsonNode one = root.isArray() ? root.get(i) : root;
            String at = root.isArray() ? "/" + i : "";
            int before = issues.size();
            Priceable document = document(Obj.of(one, at, issues, shop.zone()), at, shop, issues);
            if (document == null || issues.size() > before) {
                String id = one.path("id").asStringOpt().orElse("");
                unread.add(id.isEmpty() ? "document " + (i + 1) : id);
            } else {
                documents.add(document);
            }
        }
        return new Reading(documents, issues, unread);
    }

    private static @Nullable Priceable document(Obj typed, String at, ShopRules shop, List<FormatIssue> issues) {
        int before = issues.size();
        CardReader.version(typed);
        String id = typed.optionalText("id");
        typed.optionalText("about");
        Obj said = typed.optionalObject("shop");
        ShopRules rules = said == null ? shop : shop(said, shop.zone());
        Obj in = typed.in(rules.zone());
        return in.has("baskets") || in.has("deals")
                ? baskets(in, at, id, rules, issues, before)
                : orders(in, at, id, rules, issues, before);
    }

    private static @Nullable BasketDocument baskets(
            Obj in, String at, @Nullable String id, ShopRules rules, List<FormatIssue> issues, int before) {
        List<Product> products = in.objects("products", ProductReader::read);
        List<RateCard> cards = in.objects("cards", CardReader::read);
        List<Deal> deals = in.objects("deals", DealReader::read);
        Obj said = in.optionalObject("tax");
        TaxRules tax = said == null ? null : TaxReader.read(said);
        List<BasketDocument.Order> baskets =
                in.objects("baskets", new BasketReader(rules, products, tax != null)::read);
        in.done();
        twice(in, products);
        for (int i = 0; i < deals.size(); i++) {
            String place = at + "/deals/" + i;
            DealChecks.of(deals.get(i)).forEach(issue -> issues.add(FormatIssue.of(place, issue)));
        }
        List<PreparedCard> prepared = new ArrayList<>();
        for (int i = 0; i < cards.size(); i++) {
            String place = at + "/cards/" + i;
            PreparedCard.Result result =
                    PreparedCard.prepare(cards.get(i), rules.currency().getCurrencyCode());
            result.issues().forEach(issue -> issues.add(FormatIssue.of(place, issue)));
            if (result.card() != null) {
                prepared.add(result.card());
            }
        }
        return issues.size() > before
                ? null
                : new BasketDocument(id, PriceBook.of(rules, prepared, deals, tax, products), baskets);
    }

    private static void twice(Obj in, List<Product> products) {
        Set<Sku> seen = new HashSet<>();
        for (Product product : products) {
            product.items().forEach(item -> {
                if (!seen.add(item.sku())) {
                    in.fault("products", "two goods have the SKU " + item.sku());
                }
            });
        }
    }

    private static @Nullable Document orders(
            Obj in, String at, @Nullable String id, ShopRules rules, List<FormatIssue> issues, int before) {
        boolean cardAlone = !in.has("card") && in.has(CASES);
        Product product = cardAlone && !in.has("product") ? GOODS : ProductReader.read(in.object("product"));
        List<Order> orders = in.objects("orders", OrderReader::read);
        RateCard card = CardReader.read(cardAlone ? in : in.object("card"));
        in.done();
        if (issues.size() > before) {
            return null;
        }
        PreparedCard.Result prepared =
                PreparedCard.prepare(card, rules.currency().getCurrencyCode());
        prepared.issues().forEach(issue -> issues.add(FormatIssue.of(cardAlone ? at : at + "/card", issue)));
        return prepared.card() == null ? null : new Document(id, rules, product, prepared.card(), orders);
    }

    private static ShopRules shop(Obj in, ZoneId otherwise) {
        String code = in.text("currency");
        Currency currency = Currency.getAvailableCurrencies().stream()
                .filter(known -> known.getCurrencyCode().equals(code))
                .findFirst()
                .orElse(null);
        if (currency == null || currency.getDefaultFractionDigits() < 0) {
            in.fault("currency", "“" + code + "” is no currency of ISO 4217 that is counted in coins");
        }
        int digits = currency == null ? 2 : Math.max(0, currency.getDefaultFractionDigits());
        Integer minor = in.optionalWhole("minorDigits", 0, Rounding.MOST_UNIT_PRICE_DECIMALS);
        Integer decimals = in.optionalWhole("unitPriceDecimals", 0, Rounding.MOST_UNIT_PRICE_DECIMALS);
        ZoneId zone = zone(in, otherwise);
        Integer most = in.optionalWhole("mostPieces", Quantity.LEAST, Quantity.MOST);
        in.done();
        int minorDigits = minor == null ? digits : minor;
        return new ShopRules(
                currency == null ? Currency.getInstance("EUR") : currency,
                new Rounding(minorDigits, decimals == null ? minorDigits : decimals),
                zone,
                most == null ? Quantity.MOST : most);
    }

    private static ZoneId zone(Obj in, ZoneId otherwise) {
        String name = in.optionalText("timeZone");
        if (name == null) {
            return otherwise;
        }
        try {
            return ZoneId.of(name);
        } catch (DateTimeException noZone) {
            in.fault("timeZone", "“" + Values.shortened(name) + "” is no time zone, as Europe/Berlin");
            return otherwise;
        }
    }

    /** A card alone, as it is exported; its issues are placed from the card's own root. */
    public static CardReading readCard(String text, ZoneId zone) {
        Json.Parsed parsed = Json.parse(text);
        if (parsed.root() == null) {
            return new CardReading(null, List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))));
        }
        List<FormatIssue> issues = new ArrayList<>();
        RateCard card = CardReader.read(Obj.of(parsed.root(), "", issues, zone));
        return issues.isEmpty() ? new CardReading(card, List.of()) : new CardReading(null, issues);
    }

    /** A deal alone, as it is exported; its issues are placed from the deal's own root. */
    public static DealReading readDeal(String text, ZoneId zone) {
        Json.Parsed parsed = Json.parse(text);
        return parsed.root() == null
                ? new DealReading(null, List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))))
                : readDeal(parsed.root(), zone);
    }

    /**
     * Reads and checks a deal that may still be being written: what cannot be read has something harmless in its place,
     * so that all that is wrong is told at once.
     */
    public static DealReading readDeal(JsonNode root, ZoneId zone) {
        List<FormatIssue> issues = new ArrayList<>();
        Deal deal = DealReader.read(Obj.of(root, "", issues, zone));
        List<FormatIssue> unread = List.copyOf(issues);
        DealChecks.of(deal).stream()
                .filter(issue -> unread.stream().noneMatch(known -> known.at().startsWith(issue.at())))
                .forEach(issue -> issues.add(FormatIssue.of("", issue)));
        return new DealReading(deal, List.copyOf(issues));
    }

    /**
     * A deal that may be unfinished.
     *
     * @param deal as far as it can be read; none where the text is no JSON
     */
    public record DealReading(@Nullable Deal deal, List<FormatIssue> issues) {

        /** The deal, where nothing is wrong with it. */
        public Optional<Deal> sound() {
            return issues.isEmpty() ? Optional.ofNullable(deal) : Optional.empty();
        }
    }

    /** A card, or what is wrong with its document. */
    public record CardReading(@Nullable RateCard card, List<FormatIssue> issues) {}

    /**
     * Reads a card that is still being written, checks and prepares it. What cannot be read has something harmless in
     * its place, so that the rest is checked too and all that is wrong is told at once.
     */
    public static DraftReading readDraft(JsonNode card, ShopRules shop) {
        List<FormatIssue> issues = new ArrayList<>();
        RateCard read = CardReader.read(Obj.of(card, "", issues, shop.zone()));
        PreparedCard.Result prepared =
                PreparedCard.prepare(read, shop.currency().getCurrencyCode());
        List<FormatIssue> unread = List.copyOf(issues);
        for (CardIssue issue : prepared.issues()) {
            boolean ofStandIn = unread.stream()
                    .anyMatch(known ->
                            known.at().startsWith(issue.at()) || issue.at().startsWith(known.at()));
            if (!ofStandIn) {
                issues.add(FormatIssue.of("", issue));
            }
        }
        return new DraftReading(read, issues.isEmpty() ? prepared.card() : null, List.copyOf(issues));
    }

    /**
     * A card that may be unfinished.
     *
     * @param card as far as it can be read
     * @param prepared none where there are issues
     */
    public record DraftReading(RateCard card, @Nullable PreparedCard prepared, List<FormatIssue> issues) {}
}
