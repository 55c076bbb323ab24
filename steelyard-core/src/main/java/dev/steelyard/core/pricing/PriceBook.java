package dev.steelyard.core.pricing;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.DealBook;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.CardIndex.Covering;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.shared.SharedList.Change;
import dev.steelyard.core.shared.SharedMap;
import dev.steelyard.core.tax.TaxRules;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * All that a price depends on, at one moment: goods, live cards and deals in their order, tax, the shop's rules. Immutable and safe to
 * share between threads; a change of prices is a new book.
 *
 * <p>Times are times in the shop's time zone. Books have no clock: the time is always given.
 */
public final class PriceBook {

    private final ShopRules rules;
    private final List<PreparedCard> order;
    private final CardIndex index;
    private final SharedMap<Sku, Entry> entries;
    private final SharedMap<Sku, Product> varied;
    private final DealBook deals;
    private final @Nullable TaxRules tax;

    private PriceBook(
            ShopRules rules,
            List<PreparedCard> order,
            CardIndex index,
            SharedMap<Sku, Entry> entries,
            SharedMap<Sku, Product> varied,
            DealBook deals,
            @Nullable TaxRules tax) {
        this.rules = rules;
        this.order = order;
        this.index = index;
        this.entries = entries;
        this.varied = varied;
        this.deals = deals;
        this.tax = tax;
    }

    /** An item, shared by the books that sell it, with the cards that the last one to be asked found for it. */
    private static final class Entry {

        private final Item item;
        private @Nullable Covering covering; // found anew by whoever does not see it; whole whenever it is seen

        Entry(Item item) {
            this.item = item;
        }

        List<PreparedCard> covering(CardIndex index) {
            Covering found = covering;
            if (found == null || found.by() != index) {
                found = index.covering(item);
                covering = found;
            }
            return found.cards();
        }
    }

    /** A book without deals in which no tax is reckoned. */
    public static PriceBook of(ShopRules rules, List<PreparedCard> cards, List<Product> products) {
        return of(rules, cards, List.of(), null, products);
    }

    /**
     * A book of these goods, cards and deals, the cards in the order in which they are tried; {@link RateCard#SHELF_PRICE}
     * comes last by itself, and the deals in the order in which they are applied. Drafts are left out.
     *
     * @param tax none where no tax is reckoned
     * @throws IllegalArgumentException where two goods have the same SKU
     */
    public static PriceBook of(
            ShopRules rules,
            List<PreparedCard> cards,
            List<Deal> deals,
            @Nullable TaxRules tax,
            List<Product> products) {
        List<PreparedCard> order = order(rules, cards);
        DealBook dealt = DealBook.of(deals, rules.rounding(), tax);
        SharedMap.Filling<Sku, Entry> entries = SharedMap.filling(products.size());
        Map<Sku, Product> varied = new HashMap<>();
        products.forEach(product -> add(product, entries::put, varied));
        return new PriceBook(rules, order, new CardIndex(order), entries.done(), SharedMap.of(varied), dealt, tax);
    }

    /**
     * The book after this one, as {@link #of} would make it. What did not change is shared, so that one new price among a
     * million goods is in force as soon as among ten; cards that are the same objects and deals that say the same are not
     * looked for again.
     *
     * @throws IllegalArgumentException where two goods have the same SKU
     */
    public PriceBook next(
            ShopRules rules,
            List<PreparedCard> cards,
            List<Deal> deals,
            @Nullable TaxRules tax,
            Change<Product> goods) {
        boolean sameCards = rules.equals(this.rules) && withoutDrafts(cards).equals(order.subList(0, order.size() - 1));
        List<PreparedCard> nextOrder = sameCards ? order : order(rules, cards);
        boolean sameDeals = rules.rounding().equals(this.rules.rounding())
                && Objects.equals(tax, this.tax)
                && this.deals.isOf(deals);
        Map<Sku, Entry> come = new HashMap<>();
        Map<Sku, Product> variedCome = new HashMap<>();
        goods.come().forEach(product -> add(product, come::put, variedCome));
        List<Sku> gone = goods.gone().stream()
                .flatMap(product -> product.items().stream())
                .map(Item::sku)
                .toList();
        SharedMap<Sku, Entry> left = entries.after(gone, Map.of());
        for (Sku sku : come.keySet()) {
            if (left.get(sku) != null) {
                throw twice(sku);
            }
        }
        return new PriceBook(
                rules,
                nextOrder,
                sameCards ? index : new CardIndex(nextOrder),
                left.after(List.of(), come),
                varied.after(goods.gone().stream().map(Product::sku).toList(), variedCome),
                sameDeals ? this.deals : DealBook.of(deals, rules.rounding(), tax),
                tax);
    }

    /** The cards as they are tried: the shelf price is last. */
    private static List<PreparedCard> order(ShopRules rules, List<PreparedCard> cards) {
        List<PreparedCard> order = new ArrayList<>(withoutDrafts(cards));
        order.add(PreparedCard.prepare(RateCard.SHELF_PRICE, rules.currency().getCurrencyCode())
                .orThrow());
        return List.copyOf(order);
    }

    private static List<PreparedCard> withoutDrafts(List<PreparedCard> cards) {
        return cards.stream()
                .filter(card -> card.card().state() != CardState.DRAFT)
                .toList();
    }

    private static void add(
            Product product, BiFunction<Sku, Entry, @Nullable Entry> entries, Map<Sku, Product> varied) {
        if (!product.variants().isEmpty()) {
            varied.put(product.sku(), product);
        }
        for (Item item : product.items()) {
            if (entries.apply(item.sku(), new Entry(item)) != null) {
                throw twice(item.sku());
            }
        }
    }

    private static IllegalArgumentException twice(Sku sku) {
        return new IllegalArgumentException("two goods have the SKU " + sku);
    }

    public ShopRules rules() {
        return rules;
    }

    public DealBook deals() {
        return deals;
    }

    /** How prices stand to tax; none where no tax is reckoned. */
    public @Nullable TaxRules tax() {
        return tax;
    }

    /** The same goods, cards and deals under other rules of tax: what they would come to, before anybody says so. */
    public PriceBook withTax(@Nullable TaxRules other) {
        DealBook dealt = DealBook.of(deals.deals(), rules.rounding(), other);
        return new PriceBook(rules, order, index, entries, varied, dealt, other);
    }

    /** The same goods and cards with other deals: a deal tried before it is live. */
    public PriceBook withDeals(List<Deal> others) {
        DealBook dealt = DealBook.of(others, rules.rounding(), tax);
        return new PriceBook(rules, order, index, entries, varied, dealt, tax);
    }

    /** What a SKU orders; none where nothing of that SKU is sold. */
    public @Nullable Item item(Sku sku) {
        Entry entry = entries.get(sku);
        return entry == null ? null : entry.item;
    }

    /** The product of a SKU, also where only its variants can be ordered. */
    public Optional<Product> product(Sku sku) {
        Entry entry = entries.get(sku);
        return entry != null ? Optional.of(entry.item.product()) : Optional.ofNullable(varied.get(sku));
    }

    /** The card that would price a line of an item; none where nothing of that SKU is sold. */
    public @Nullable PreparedCard cardFor(Sku sku, Customer customer, ZonedDateTime at) {
        Entry entry = entries.get(sku);
        return entry == null
                ? null
                : CardChoice.of(entry.covering(index), customer, at).card();
    }

    /**
     * What each card has to say to an order, in the order in which they are tried; the shelf price is last.
     *
     * @return empty where nothing of that SKU is sold
     */
    public List<Verdict> verdicts(Sku sku, Customer customer, ZonedDateTime at) {
        Entry entry = entries.get(sku);
        if (entry == null) {
            return List.of();
        }
        PreparedCard winner = CardChoice.of(entry.covering(index), customer, at).card();
        List<Verdict> verdicts = new ArrayList<>();
        boolean won = false;
        for (PreparedCard one : order) {
            verdicts.add(Verdict.of(one.card(), entry.item, customer, at, one == winner, won));
            won |= one == winner;
        }
        return verdicts;
    }

    /** Prices the lines of one basket with their reckonings; the answer has a result for each line, in order. */
    public List<LineResult> explain(List<OrderLine> lines, Customer customer, ZonedDateTime at) {
        return price(lines, customer, at, true, Wanted.ALWAYS);
    }

    /** The same for as long as it is wanted, which is asked at every line. */
    public List<LineResult> explain(List<OrderLine> lines, Customer customer, ZonedDateTime at, Wanted wanted) {
        return price(lines, customer, at, true, wanted);
    }

    /** Prices the lines of one basket; the answer has a result for each line, in order, without reckonings. */
    public List<LineResult> price(List<OrderLine> lines, Customer customer, ZonedDateTime at) {
        return price(lines, customer, at, false, Wanted.ALWAYS);
    }

    /** Prices a whole basket, with deals and tax. */
    public PricedBasket basket(List<OrderLine> lines, Occasion occasion) {
        return settle(price(lines, occasion.customer(), occasion.at()), occasion, false);
    }

    /** The same with all reckonings, the deals not used and what would unlock more. */
    public PricedBasket explainBasket(List<OrderLine> lines, Occasion occasion) {
        return settle(explain(lines, occasion.customer(), occasion.at()), occasion, true);
    }

    /** Deals and tax over lines that have been priced. */
    public PricedBasket settle(List<LineResult> lines, Occasion occasion, boolean explain) {
        return settle(lines, occasion, explain, Wanted.ALWAYS);
    }

    /** The same for as long as it is wanted, which is asked at every deal. */
    public PricedBasket settle(List<LineResult> lines, Occasion occasion, boolean explain, Wanted wanted) {
        return Settlement.of(lines, deals, tax, rules.rounding(), occasion, explain, wanted);
    }

    private List<LineResult> price(
            List<OrderLine> lines, Customer customer, ZonedDateTime at, boolean explain, Wanted wanted) {
        BasketLines basket = new BasketLines(lines.size(), wanted);
        for (int i = 0; i < lines.size(); i++) {
            wanted.check();
            try {
                basket.start(i, start(lines.get(i), customer, at, explain));
            } catch (Refused refused) {
                basket.refuse(i, refused);
            }
        }
        return basket.price();
    }

    private Refused notSold(Sku sku) {
        Product product = varied.get(sku);
        return product == null
                ? Refused.at(Place.SKU, Refusal.SKU_UNKNOWN, Part.typed(sku.value()))
                : Refused.at(
                        Place.SKU,
                        Refusal.SOLD_BY_VARIANTS,
                        Part.name(product.told()),
                        Part.all(
                                Join.LIST,
                                product.items().stream()
                                        .map(item -> Part.typed(item.sku().value()))
                                        .toList()));
    }

    private LineStart start(OrderLine line, Customer customer, ZonedDateTime at, boolean explain) {
        Entry entry = entries.get(line.sku());
        if (entry == null) {
            throw notSold(line.sku());
        }
        return LineStart.of(
                new Asked(entry.item, line.quantity(), line.answers(), customer.group(), at.toLocalDate()),
                CardChoice.of(entry.covering(index), customer, at),
                rules,
                explain);
    }
}
