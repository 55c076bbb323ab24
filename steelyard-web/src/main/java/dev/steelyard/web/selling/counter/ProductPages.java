package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Reckoning;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Told;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.selling.announced.Reductions.Reduction;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.AskView;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.FromPrice;
import dev.steelyard.web.selling.shown.NextText;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.selling.shown.OrderWords;
import dev.steelyard.web.selling.shown.PackOffer;
import dev.steelyard.web.selling.shown.PieceShape;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.web.selling.shown.UnitPrice;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Makes a product page: its price is that of so many more pieces, together with those already in the basket. */
final class ProductPages {

    private final GoodsEntry entry;
    private final Offer offer;
    private final List<Shopper.Offered> others;
    private final Typed typed;
    private final Shopper shopper;
    private final BookInForce book;
    private final TypedAnswers answers;
    private final AsSeen seen;
    private final Words words;
    private final @Nullable Reduction reduction;
    private @Nullable PricedLine line;

    ProductPages(GoodsEntry entry, Offer offer, Typed typed, Shopper shopper, BookInForce book, Reductions reductions) {
        this.reduction = shopper.group() == null && shopper.today()
                ? reductions.of(offer.item().sku().value()).orElse(null)
                : null;
        this.entry = entry;
        this.offer = offer;
        this.others = shopper.offered(book);
        this.typed = typed.orAtLeast(book.shop().rules().orders(offer.card()));
        this.shopper = shopper;
        this.book = book;
        this.seen = AsSeen.of(offer.item(), shopper.customer(), book, shopper.words());
        this.words = shopper.words();
        this.answers = typed.sent() ? typed.answers() : started();
    }

    /** What stands in the fields at first. */
    private TypedAnswers started() {
        Map<String, String> fields = new LinkedHashMap<>();
        for (Ask ask : offer.card().card().asks()) {
            String start = ask instanceof Measurement measurement
                    ? measurement.start() == null ? "" : Decimals.plain(measurement.start(), 0)
                    : Objects.requireNonNullElse(((Choice) ask).start(), "");
            fields.put(TypedAnswers.ANSWER + ask.name(), start);
        }
        fields.putAll(typed.answers().fields());
        String pack = typed.answers().pack().isEmpty()
                ? TypedAnswers.packs(offer.card().card()).stream().findFirst().orElse("")
                : typed.answers().pack();
        return new TypedAnswers(fields, pack);
    }

    ProductPage page() {
        DecimalText.Reading reading = TypedNumbers.pieces(typed.quantity());
        BigDecimal quantity = reading.value();
        long pieces = quantity == null ? 1 : quantity.longValueExact();
        Answers given = answers.answers(offer.card().card());
        Asked asked = new Asked(offer.item(), pieces, given, shopper.group(), shopper.day());
        Map<String, String> faults = new LinkedHashMap<>();
        if (reading.fault() != null) {
            faults.put(Place.QUANTITY.code(), words.sentence(NumberSays.quantity(reading.fault())));
        }
        LineResult result = offer.canBePriced() ? together(given, pieces) : null;
        String refusal = null;
        if (result instanceof RefusedLine refused) {
            refusal = refusal(refused, faults);
        }
        PricedLine line = quantity == null || !(result instanceof PricedLine priced) ? null : priced;
        this.line = line;
        return page(asked, faults, refusal, line, pieces);
    }

    /** What is typed comes to; none before the page was made, and where there is no price. */
    @Nullable
    PricedLine line() {
        return line;
    }

    /** The answers as they were read. */
    Answers given() {
        return answers.answers(offer.card().card());
    }

    private ProductPage page(
            Asked asked, Map<String, String> faults, @Nullable String refusal, @Nullable PricedLine line, long pieces) {
        ShopRules rules = book.shop().rules();
        boolean open = offer.canBePriced();
        Set<String> asks = offer.card().open(asked);
        return new ProductPage(
                entry,
                words.in(entry.product().told()),
                words.in(entry.description()),
                entry.product().items().stream()
                        .filter(item -> item.variant() != null)
                        .map(this::variant)
                        .toList(),
                offer.item().sku().value(),
                offer.variantForEachPiece() ? pieces(pieces) : List.of(),
                typed.quantity(),
                typed.sent() && (line != null || refusal != null || !faults.isEmpty()),
                waits(),
                AskView.of(offer.card().card(), asks, answers, seen),
                offer.card().card().shopPage().measurements() == ShopPage.Fields.BESIDE,
                PackOffer.of(offer.card().card(), seen),
                answers.packPicked(offer.card().card()) ? answers.pack() : "",
                open
                        ? FromPrice.of(offer.card(), offer.item(), shopper.group(), shopper.day(), rules, seen)
                                .orElse(null)
                        : null,
                open ? null : closed(),
                faults,
                refusal,
                line == null ? null : price(line, asked),
                BreakTable.of(offer.card(), asked, line == null ? pieces : line.counted(), rules, seen),
                PieceShape.of(offer.card().card(), answers, words),
                book.shop().currency(),
                line == null ? "" : shown(line).write(),
                OrderWords.of(orders(), words),
                orders().step(),
                AsSeen.withoutTax(shopper.customer(), book),
                open ? DealOffers.of(offer, asked, line, others, shopper, book) : List.of());
    }

    /** The names of asks that are empty and that nobody has come to yet. */
    private List<String> waits() {
        return offer.card().card().asks().stream()
                .map(Ask::name)
                .filter(name -> answers.answer(name).isBlank() && typed.waits(name))
                .toList();
    }

    private OrderQuantity orders() {
        return book.shop().rules().orders(offer.card());
    }

    private SeenPrice shown(PricedLine line) {
        return SeenPrice.of(
                offer,
                typed.quantity(),
                answers.answers(offer.card().card()),
                offer.variantForEachPiece() ? pieces(line.quantity()) : List.of(),
                seen.total(line.total().value()));
    }

    /** What was shown for the same order when the form was made, where its price is another now; none else. */
    @Nullable
    String changed(@Nullable String sent) {
        BigDecimal pieces = TypedNumbers.pieces(typed.quantity()).value();
        LineResult now =
                pieces == null ? null : together(answers.answers(offer.card().card()), pieces.longValueExact());
        return now instanceof PricedLine line ? shown(line).was(sent) : null;
    }

    private String closed() {
        return Objects.requireNonNullElse(Closed.words(offer.item(), shopper, book), words.text("product.no-price"));
    }

    private ProductPage.Variant variant(Item item) {
        return new ProductPage.Variant(
                item.sku().value(),
                words.in(Objects.requireNonNull(item.variant()).told()));
    }

    private List<String> pieces(long pieces) {
        List<String> picked =
                typed.variants().isEmpty() ? List.of(offer.item().sku().value()) : typed.variants();
        return Typed.forPieces(picked, (int) Math.min(pieces, Typed.MOST_PICKED));
    }

    /**
     * As the basket would price these pieces once they are in it. Those of a line that is there already make it longer;
     * where its pieces have no price of their own (lots, charges once per line) they are priced as a line by themselves.
     */
    private LineResult together(Answers given, long pieces) {
        List<OrderLine> lines = new ArrayList<>();
        long same = 0;
        for (Shopper.Offered offered : others) {
            OrderLine other = offered.line();
            Shopper.Picked picked = offered.picked();
            boolean merges = picked.variants().isEmpty()
                    && !offer.variantForEachPiece()
                    && other.sku().equals(offer.item().sku())
                    && other.answers().equals(given);
            if (merges) {
                same += picked.quantity();
            } else {
                lines.add(other);
            }
        }
        LineResult whole = last(lines, new OrderLine(offer.item().sku(), pieces + same, given));
        if (same == 0 || !(whole instanceof PricedLine line)) {
            return whole;
        }
        boolean even = line.total().value().compareTo(total(line, line.quantity())) == 0;
        return even
                ? ofThese(line, pieces)
                : last(lines, new OrderLine(offer.item().sku(), pieces, given));
    }

    private LineResult last(List<OrderLine> others, OrderLine line) {
        List<OrderLine> all = new ArrayList<>(others);
        all.add(line);
        return book.book().explain(all, shopper.customer(), shopper.at()).get(others.size());
    }

    private BigDecimal total(PricedLine line, long pieces) {
        return book.shop()
                .rules()
                .roundingFor(line.item())
                .lineTotal(line.pricePerPiece().times(pieces))
                .value();
    }

    /** The part of a line that these pieces are: at the price of one piece that all of them have. */
    private PricedLine ofThese(PricedLine line, long pieces) {
        Money total = book.shop()
                .rules()
                .roundingFor(line.item())
                .lineTotal(line.pricePerPiece().times(pieces));
        return new PricedLine(
                line.item(),
                pieces,
                line.counted(),
                line.amount(),
                line.shelfPrice(),
                line.pricePerPiece(),
                line.pricePerPiece(),
                total,
                line.reduced(),
                line.reached(),
                line.next(),
                line.billable(),
                line.figures(),
                line.card(),
                ofThese(line, pieces, total));
    }

    /** The reckoning of a longer line up to the price of one piece, then of these pieces alone. */
    private static Reckoning ofThese(PricedLine line, long pieces, Money total) {
        List<Step> steps = new ArrayList<>(line.reckoning().steps());
        if (!steps.isEmpty()) {
            Step whole = steps.remove(steps.size() - 1);
            Figure figure = new Figure(total.value(), whole.result().decimals(), null);
            Fact times = Fact.of(Told.TIMES, Part.count(pieces), Part.money(line.pricePerPiece()));
            steps.add(new Step(whole.what(), times, figure, null));
        }
        return new Reckoning(steps, line.reckoning().passedOver());
    }

    /**
     * Says faults by their fields. What nobody has come to yet is no fault.
     *
     * @return what no field can say
     */
    private @Nullable String refusal(RefusedLine refused, Map<String, String> faults) {
        String unsaid = null;
        Set<String> fields =
                Set.copyOf(offer.card().card().asks().stream().map(Ask::name).toList());
        for (Fault fault : refused.faults()) {
            String field = fault.place().code();
            boolean untyped = fields.contains(field) && answers.answer(field).isBlank();
            if (untyped && typed.waits(field)) {
                continue;
            }
            String message = words.sentence(fault.what());
            if (fields.contains(field) || field.equals(Place.QUANTITY.code()) || field.equals(Place.PACK.code())) {
                faults.putIfAbsent(field, message);
            } else if (unsaid == null) {
                unsaid = message + ".";
            }
        }
        return unsaid;
    }

    /**
     * A higher price of before: the shelf price; of a price that is reduced for a time only what the law lets be struck out,
     * the lowest of the thirty days before.
     */
    private @Nullable String struck(PricedLine line, int decimals) {
        if (reduction == null) {
            return line.isReduced() ? seen.money(Objects.requireNonNull(line.shelfPrice()), decimals) : null;
        }
        BigDecimal lowest = reduction.per() == null ? reduction.lowest() : null;
        return lowest != null && lowest.compareTo(line.shownPerPiece().value()) > 0
                ? seen.money(lowest, decimals)
                : null;
    }

    /** “Lowest price of the 30 days before: 15.00”; none where no price is reduced for a time. */
    private @Nullable String lowest(int decimals) {
        if (reduction == null || reduction.lowest() == null) {
            return null;
        }
        String money = seen.money(reduction.lowest(), decimals);
        return words.text(
                "product.lowest",
                "money",
                reduction.per() == null
                        ? money
                        : words.text("per-unit", "money", money, "unit", words.symbol(reduction.per())));
    }

    private ProductPage.Price price(PricedLine line, Asked asked) {
        ShopPage shows = offer.card().card().shopPage();
        long others = line.counted() - line.quantity();
        int decimals = line.shownPerPiece().value().scale();
        BigDecimal amount = line.billable() == null || line.billable().unit() == null
                ? null
                : line.billable().unit().toBase(line.billable().value());
        String perUnit = UnitPrice.of(
                line.shownPerPiece().value(),
                amount,
                line.billable() == null ? null : line.billable().unit(),
                seen);
        return new ProductPage.Price(
                words.text("pieces", "pieces", line.quantity()),
                seen.money(line.shownPerPiece().value(), decimals),
                struck(line, decimals),
                lowest(decimals),
                seen.total(line.total().value()),
                shows.amount() && line.billable() != null ? words.figure(line.billable()) : null,
                shows.suffix() ? perUnit : null,
                line.figures().stream()
                        .map(figure -> words.say(Fact.of(
                                Told.ANSWERED, Part.name(figure.label()), Part.typed(words.figure(figure.figure())))))
                        .toList(),
                NextText.of(line, offer.card(), asked, book.shop().rules(), seen),
                others > 0 ? words.text("product.together", "count", others) : null,
                ReckoningText.forShoppers(line.reckoning(), shows.reckoning(), words, seen::figure));
    }
}
