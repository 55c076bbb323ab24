package dev.steelyard.core.testing;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Cases;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;

/** Cards made up from a seed, of every way to price a piece and every kind of ladder, each one that can be prepared. */
public final class RandomCards {

    public static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    public static final LocalDate DAY = LocalDate.of(2027, 4, 15);
    private static final List<String> GROUPS = List.of("Boatyard", "Sailing school", "Crew club");

    private final Random random;

    public RandomCards(long seed) {
        this.random = new Random(seed);
    }

    /** A card that can be prepared; many tries may be needed, since not every ladder goes with every way. */
    public PreparedCard card() {
        while (true) {
            PreparedCard.Result result = PreparedCard.prepare(definition(), "EUR");
            if (result.card() != null) {
                return result.card();
            }
        }
    }

    /** Goods with a shelf price. */
    public Product product() {
        return Product.of(new Sku("GOODS"), "Goods", money(1, 5000));
    }

    /** An order that has answers to all that may be asked. */
    public Asked asked(PreparedCard card, Product product) {
        return asked(card, product, 1 + random.nextInt(random.nextBoolean() ? 15 : 200));
    }

    /** The same of so many pieces. */
    public Asked asked(PreparedCard card, Product product, long quantity) {
        Map<String, Answer> answers = new HashMap<>();
        for (Ask ask : card.card().asks()) {
            if (ask instanceof Measurement measurement) {
                answers.put(ask.name(), new Answer.Number(value(measurement), null));
            } else {
                List<String> options = ((Choice) ask).optionNames();
                answers.put(ask.name(), Answer.of(options.get(random.nextInt(options.size()))));
            }
        }
        String pack = random.nextInt(3) == 0 ? "5 kg" : null;
        String group = random.nextBoolean() ? null : GROUPS.get(random.nextInt(GROUPS.size()));
        return new Asked(product.items().get(0), quantity, new Answers(answers, packs(card) ? pack : null), group, DAY);
    }

    private static boolean packs(PreparedCard card) {
        return card.card().cases().all().stream().anyMatch(one -> one.piece() instanceof PiecePrice.Packs);
    }

    /** A value that the measurement allows. */
    public BigDecimal value(Measurement ask) {
        BigDecimal least = Objects.requireNonNull(ask.least());
        BigDecimal step = Objects.requireNonNullElse(ask.step(), new BigDecimal("0.01"));
        int steps = Objects.requireNonNull(ask.most())
                .subtract(least)
                .divide(step, 0, RoundingMode.DOWN)
                .intValueExact();
        return least.add(step.multiply(BigDecimal.valueOf(random.nextInt(steps + 1))));
    }

    public int upTo(int most) {
        return random.nextInt(most);
    }

    private RateCard definition() {
        RateCardBuilder card =
                RateCard.named("Random").rates(List.of(new NamedRate("cloth", money(1, 4000), "EUR/m2")));
        List<Ask> asks = new ArrayList<>(List.of(
                Measurement.of("length", Unit.CM, "20", "300", "1"),
                Measurement.of("width", Unit.M, "0.2", "3", "0.05"),
                Measurement.of("weight", Unit.KG, "0.5", "100", "0.5")));
        if (random.nextBoolean()) {
            asks.add(choice("hem"));
        }
        if (random.nextInt(3) == 0) {
            asks.add(choice("fixing"));
        }
        if (random.nextInt(4) == 0) {
            asks.set(1, onlyLong((Measurement) asks.get(1)));
        }
        boolean lots = random.nextInt(8) == 0;
        Cases cases = lots ? Cases.always(Case.of(PiecePrice.NONE)) : cases();
        return card.asks(asks)
                .cases(cases)
                .ladder(random.nextInt(5) == 0 ? null : lots ? lots() : ladder(cases))
                .finish(new Finish(
                        random.nextInt(3) == 0 ? money(1, 900) : null, random.nextInt(3) == 0 ? money(1, 9000) : null))
                .unitPriceDecimals(random.nextInt(3) == 0 ? random.nextInt(5) : null)
                .shopPage(shopPage())
                .quantity(random.nextInt(6) == 0 ? orders() : OrderQuantity.ANY)
                .build();
    }

    private static Measurement onlyLong(Measurement ask) {
        return new Measurement(
                ask.name(),
                ask.label(),
                ask.type(),
                ask.unit(),
                List.of(),
                ask.least(),
                ask.most(),
                ask.step(),
                null,
                false,
                null,
                null,
                null,
                "length > 80 cm",
                new BigDecimal("0.1"));
    }

    private OrderQuantity orders() {
        return new OrderQuantity(
                random.nextBoolean() ? (long) (1 + random.nextInt(20)) : null,
                random.nextBoolean() ? (long) (20 + random.nextInt(400)) : null,
                random.nextBoolean() ? (long) (1 + random.nextInt(9)) : null);
    }

    private ShopPage shopPage() {
        return new ShopPage(
                ShopPage.Fields.values()[random.nextInt(2)],
                random.nextBoolean(),
                random.nextBoolean(),
                ShopPage.Table.values()[random.nextInt(4)],
                random.nextBoolean(),
                ShopPage.Shape.values()[random.nextInt(7)],
                ShopPage.Reckoning.values()[random.nextInt(3)],
                random.nextBoolean() ? List.of() : List.of("length", "width"));
    }

    private Choice choice(String name) {
        Charge charge =
                switch (random.nextInt(4)) {
                    case 0 -> new Charge.PerPiece(money(1, 2000));
                    case 1 -> new Charge.PerUnit(money(1, 400), Unit.M, "2 * (length + width)");
                    case 2 -> new Charge.Percent(BigDecimal.valueOf(random.nextInt(400), 1));
                    default -> new Charge.PerLine(money(1, 2000));
                };
        return Choice.of(name, Choice.Option.of("plain", Charge.NONE), Choice.Option.of("fine", charge));
    }

    private Cases cases() {
        Case last = new Case(piece(), random.nextInt(3) == 0 ? money(1, 3000) : null);
        return random.nextInt(4) == 0
                ? new Cases(List.of(new Cases.Conditional("length > 1.5 m", Case.of(piece()))), last)
                : Cases.always(last);
    }

    private PiecePrice piece() {
        return switch (random.nextInt(7)) {
            case 0 -> PiecePrice.SHELF_PRICE;
            case 1 -> new PiecePrice.ByFormula("length * width * cloth + 4.50 EUR");
            case 2 -> new PiecePrice.ByFormula("MAX(12 EUR; length * 3 EUR/m + IF(width > 1 m; 5 EUR; 0 EUR))");
            case 3 -> new PiecePrice.Packs(
                    List.of(new PiecePrice.Pack("5 kg", BigDecimal.valueOf(5), Unit.KG, money(500, 4000))),
                    new PiecePrice.OwnAmount("weight", Unit.KG, money(50, 900)));
            case 4 -> grid();
            default -> rate();
        };
    }

    private PiecePrice rate() {
        boolean area = random.nextBoolean();
        return new PiecePrice.Rate(
                area ? "length * width" : "length",
                area ? Unit.M2 : Unit.M,
                money(50, 4000),
                random.nextInt(3) == 0 ? BigDecimal.valueOf(random.nextInt(20)) : null,
                random.nextInt(3) == 0 ? new BigDecimal("0.25") : null,
                random.nextInt(3) == 0 ? new BigDecimal("0.8") : null,
                random.nextInt(4) == 0
                        ? new PiecePrice.RateBreaks(random.nextBoolean(), rows(2, 1, 2000, false))
                        : null);
    }

    private PiecePrice grid() {
        List<BigDecimal> edges = List.of(BigDecimal.valueOf(60), BigDecimal.valueOf(150), BigDecimal.valueOf(300));
        List<List<BigDecimal>> prices = new ArrayList<>();
        for (int row = 0; row < 3; row++) {
            prices.add(List.of(money(1000, 9000), money(1000, 9000), money(1000, 9000)));
        }
        return new PiecePrice.Grid("length", "width", Unit.CM, Unit.CM, edges, edges, prices, false);
    }

    private Ladder ladder(Cases cases) {
        Counts counts = random.nextInt(3) == 0 ? Counts.AMOUNT : Counts.PIECES;
        Value value = Value.values()[random.nextInt(3)];
        Unit unit = cases.otherwise().piece() instanceof PiecePrice.Rate rate
                ? rate.unit()
                : cases.otherwise().piece() instanceof PiecePrice.Packs ? Unit.KG : null;
        boolean needs = counts == Counts.AMOUNT || value == Value.PRICE;
        int most = value == Value.PERCENT_OFF ? 6000 : value == Value.PRICE ? 4000 : 900;
        return new Ladder(
                counts,
                Over.LINE,
                random.nextBoolean() ? Mode.ALL_UNITS : Mode.SLICE,
                value,
                needs ? unit : null,
                rows(1 + random.nextInt(4), 2, most, true),
                random.nextInt(8) == 0 ? BigDecimal.valueOf(2) : null,
                null,
                null,
                random.nextInt(3) == 0,
                random.nextInt(3) == 0,
                random.nextInt(3) == 0 ? Set.of(GROUPS.get(random.nextInt(GROUPS.size()))) : Set.of());
    }

    private Ladder lots() {
        return new Ladder(
                Counts.PIECES,
                Over.LINE,
                Mode.LOT,
                Value.LOT_TOTAL,
                null,
                rows(3, 1, 9000, false),
                null,
                BigDecimal.valueOf(100 + random.nextInt(50)),
                random.nextBoolean() ? money(1, 900) : null,
                random.nextBoolean(),
                false);
    }

    private List<Break> rows(int count, int first, int mostCents, boolean grouped) {
        List<Break> rows = new ArrayList<>();
        int from = first;
        for (int i = 0; i < count; i++) {
            rows.add(Break.everyone(from, money(0, mostCents)));
            if (grouped && random.nextInt(4) == 0) {
                rows.add(new Break(from, money(0, mostCents), GROUPS.get(random.nextInt(3)), Validity.ALWAYS));
            }
            from += 1 + random.nextInt(12);
        }
        return rows;
    }

    private BigDecimal money(int leastCents, int mostCents) {
        return BigDecimal.valueOf(leastCents + random.nextInt(mostCents - leastCents + 1), 2);
    }
}
