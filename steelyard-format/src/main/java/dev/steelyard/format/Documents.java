package dev.steelyard.format;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.DealChecks;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.prepared.CardIssue;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.format.Document.Order;
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

    /**
     * What came of reading.
     *
     * @param documents empty where there are issues
     */
    public record Reading(List<Priceable> documents, List<FormatIssue> issues) {

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
                ? new Reading(List.of(), List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))))
                : read(parsed.root(), shop);
    }

    /** The same for JSON that has been read already. */
    public static Reading read(JsonNode root, ShopRules shop) {
        List<FormatIssue> issues = new ArrayList<>();
        List<Priceable> documents = new ArrayList<>();
        if (root.isArray()) {
            for (int i = 0; i < root.size(); i++) {
                add(document(Obj.of(root.get(i), "/" + i, issues), "/" + i, shop, issues), documents);
            }
        } else {
            add(document(Obj.of(root, "", issues), "", shop, issues), documents);
        }
        return issues.isEmpty()
                ? new Reading(List.copyOf(documents), List.of())
                : new Reading(List.of(), List.copyOf(issues));
    }

    private static void add(@Nullable Priceable document, List<Priceable> documents) {
        if (document != null) {
            documents.add(document);
        }
    }

    private static @Nullable Priceable document(Obj in, String at, ShopRules shop, List<FormatIssue> issues) {
        int before = issues.size();
        CardReader.version(in);
        String id = in.optionalText("id");
        in.optionalText("about");
        Obj said = in.optionalObject("shop");
        ShopRules rules = said == null ? shop : shop(said);
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
        Product product = ProductReader.read(in.object("product"));
        RateCard card = CardReader.read(in.object("card"));
        List<Order> orders = in.objects("orders", OrderReader::read);
        in.done();
        if (issues.size() > before) {
            return null;
        }
        PreparedCard.Result prepared =
                PreparedCard.prepare(card, rules.currency().getCurrencyCode());
        prepared.issues().forEach(issue -> issues.add(FormatIssue.of(at + "/card", issue)));
        return prepared.card() == null ? null : new Document(id, rules, product, prepared.card(), orders);
    }

    private static ShopRules shop(Obj in) {
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
        in.done();
        int minorDigits = minor == null ? digits : minor;
        return new ShopRules(
                currency == null ? Currency.getInstance("EUR") : currency,
                new Rounding(minorDigits, decimals == null ? minorDigits : decimals));
    }

    /** A card alone, as it is exported; its issues are placed from the card's own root. */
    public static CardReading readCard(String text) {
        Json.Parsed parsed = Json.parse(text);
        if (parsed.root() == null) {
            return new CardReading(null, List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))));
        }
        List<FormatIssue> issues = new ArrayList<>();
        RateCard card = CardReader.read(Obj.of(parsed.root(), "", issues));
        return issues.isEmpty() ? new CardReading(card, List.of()) : new CardReading(null, issues);
    }

    /** A deal alone, as it is exported; its issues are placed from the deal's own root. */
    public static DealReading readDeal(String text) {
        Json.Parsed parsed = Json.parse(text);
        return parsed.root() == null
                ? new DealReading(null, List.of(FormatIssue.at("", Objects.requireNonNull(parsed.fault()))))
                : readDeal(parsed.root());
    }

    /**
     * Reads and checks a deal that may still be being written: what cannot be read has something harmless in its place,
     * so that all that is wrong is told at once.
     */
    public static DealReading readDeal(JsonNode root) {
        List<FormatIssue> issues = new ArrayList<>();
        Deal deal = DealReader.read(Obj.of(root, "", issues));
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
    public static DraftReading readDraft(JsonNode card, String currency) {
        List<FormatIssue> issues = new ArrayList<>();
        RateCard read = CardReader.read(Obj.of(card, "", issues));
        PreparedCard.Result prepared = PreparedCard.prepare(read, currency);
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
