package dev.steelyard.core.prepared;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShownFigure;
import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.CasePreparer.PreparedCase;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A rate card ready to price. Immutable and safe to share between threads. */
public final class PreparedCard {

    private final RateCard card;
    private final Scope scope;
    private final List<PreparedAsk> asks;
    private final List<PreparedLimit> limits;
    private final List<PreparedCase> cases;
    private final List<PreparedFigure> figures;
    private final @Nullable PreparedLadder ladder;
    private final int piecesSlot;
    private final int shelfPriceSlot;
    private final int billableSlot;

    PreparedCard(
            RateCard card,
            Scope scope,
            List<PreparedAsk> asks,
            List<PreparedLimit> limits,
            List<PreparedCase> cases,
            List<PreparedFigure> figures,
            @Nullable PreparedLadder ladder) {
        this.card = card;
        this.scope = scope;
        this.asks = asks;
        this.limits = limits;
        this.cases = cases;
        this.figures = figures;
        this.ladder = ladder;
        this.piecesSlot = slot(Scope.PIECES);
        this.shelfPriceSlot = slot(Scope.SHELF_PRICE);
        this.billableSlot = slot(Scope.BILLABLE);
    }

    /** A limit over several answers. */
    record PreparedLimit(Calc that, Wording say) {}

    /** A figure to show. */
    record PreparedFigure(ShownFigure figure, Calc calc) {}

    /** A figure worked out, rounded half-up to its decimals. */
    public record FigureShown(Wording label, Figure figure) {}

    /**
     * What came of preparing.
     *
     * @param card none where there are issues
     */
    public record Result(@Nullable PreparedCard card, List<CardIssue> issues) {

        /** The card, where there is one. */
        public PreparedCard orThrow() {
            if (card == null) {
                throw new IllegalArgumentException(
                        issues.get(0).at() + ": " + issues.get(0).message());
            }
            return card;
        }
    }

    /** Checks and prepares a card of a shop that sells in a currency, by its ISO 4217 code. */
    public static Result prepare(RateCard card, String currency) {
        return CardPreparer.prepare(card, currency);
    }

    public RateCard card() {
        return card;
    }

    /** The same card in another state and covering something else: nothing of what is prepared hangs on either. */
    public PreparedCard as(CardState state, Covers covers) {
        RateCard other = card.toBuilder().state(state).covers(covers).build();
        return new PreparedCard(other, scope, asks, limits, cases, figures, ladder);
    }

    /** The card's breaks; none where it has none. */
    public @Nullable PreparedLadder ladder() {
        return ladder;
    }

    /** The ladder that counts for an item: the product's own rows where the card says so and there are some. */
    public @Nullable PreparedLadder ladderFor(Item item) {
        PriceRows rows = card.ownRowsFor(item);
        return rows == null ? ladder : PreparedLadder.of(rows);
    }

    /**
     * Reads the answers of a line and prices one piece of it, before breaks.
     *
     * @throws Refused where that is not possible
     */
    public Piece piece(Asked asked, Notes notes) {
        Set<String> notAsked = notAsked(asked);
        Run run = within(asked, notes, notAsked);
        for (int i = 0; i < cases.size(); i++) {
            PreparedCase one = cases.get(i);
            if (one.when() == null || one.when().holds(run)) {
                boolean withoutPack = !notAsked.isEmpty() && !(one.way() instanceof PackWay);
                if (withoutPack && handsOn(one, asked)) {
                    continue;
                }
                // the pack is not asked about there, the own amount is
                Run by = withoutPack ? within(asked.withoutPack(), notes, Set.of()) : run;
                Priced priced = priced(i, by);
                if (priced != null) {
                    return finished(i, priced, by);
                }
            }
        }
        throw new IllegalStateException("the last case of " + card.name() + " did not price");
    }

    /** A piece by one case; where it has no price, what is wrong with the formulas of charges is said before. */
    private @Nullable Priced priced(int index, Run run) {
        Way way = cases.get(index).way();
        try {
            return way.price(run, lead(index, run));
        } catch (Refused refused) {
            if (refused.isAt(Place.PIECE) && !(way instanceof RateWay)) {
                charges(run);
            }
            throw refused;
        }
    }

    /** Whether a case that knows no packs leaves the picked one to the cases below it; what it refuses it does not. */
    private boolean handsOn(PreparedCase one, Asked asked) {
        Run tried = answered(asked, Notes.NONE, notAsked(asked));
        try {
            return one.way().price(tried, Part.NONE) == null;
        } catch (Refused needsWhatIsNotAskedWithAPack) {
            return false;
        }
    }

    /** A line with its answers read, within the joint limits that go by what is asked. */
    private Run within(Asked asked, Notes notes, Set<String> notAsked) {
        Run run = answered(asked, notes, notAsked);
        for (PreparedLimit limit : limits) {
            if (limit.that().readsNone(notAsked) && !limit.that().holds(run)) {
                throw Refused.at(Place.JOINT, Refusal.OWN_WORDS, Part.name(limit.say()));
            }
        }
        return run;
    }

    /** The figures shown beside the price of a line that has one; those that cannot be worked out are left out. */
    public List<FigureShown> figures(Asked asked) {
        if (figures.isEmpty()) {
            return List.of();
        }
        Run run = answered(asked, Notes.NONE, notAsked(asked));
        List<FigureShown> shown = new ArrayList<>();
        for (PreparedFigure one : figures) {
            try {
                ShownFigure figure = one.figure();
                BigDecimal value = figure.unit()
                        .fromBase(one.calc().number(run))
                        .setScale(figure.decimals(), RoundingMode.HALF_UP);
                shown.add(new FigureShown(figure.label(), new Figure(value, figure.decimals(), figure.unit())));
            } catch (Refused withoutThisFigure) {
                continue; // it does not touch the price; a finding tells the owner
            }
        }
        return List.copyOf(shown);
    }

    /**
     * What a formula over the card's names comes to for an order, in words: “11.0353 m²”, “yes”; none where it is no
     * number with a unit of its own, or has no value.
     */
    public Optional<String> valueOf(String formula, Asked asked) {
        Kind kind = Formula.kind(formula, scope).orElse(null);
        if (kind == null || kind instanceof Kind.Text) {
            return Optional.empty();
        }
        try {
            Run run = answered(asked, Notes.NONE, Set.of());
            Calc calc = new Calc(Formula.prepare(formula, scope, kind).orThrow(), null);
            if (kind instanceof Kind.YesNo) {
                return Optional.of(calc.holds(run) ? "yes" : "no");
            }
            return FormulaValue.words(((Kind.Measure) kind).dimension(), calc.number(run));
        } catch (Refused noValue) {
            return Optional.empty(); // the trial says why
        }
    }

    /** What a formula over the card's names comes to for an order, in base units; none where it has no value. */
    public Optional<BigDecimal> numberOf(String formula, Asked asked) {
        Kind kind = Formula.kind(formula, scope).orElse(null);
        if (!(kind instanceof Kind.Measure)) {
            return Optional.empty();
        }
        try {
            Calc calc = new Calc(Formula.prepare(formula, scope, kind).orThrow(), null);
            return Optional.of(calc.number(answered(asked, Notes.NONE, Set.of())));
        } catch (Refused noValue) {
            return Optional.empty();
        }
    }

    private Run answered(Asked asked, Notes notes, Set<String> notAsked) {
        Run run = new Run(scope, asked, notes);
        read(run, notAsked);
        return run;
    }

    /** Whether a choice is shown for these answers and an option of it picked. */
    public boolean picked(Asked asked, String choice) {
        Run run = answered(asked, Notes.NONE, notAsked(asked));
        return asks.stream()
                .filter(ask -> ask.ask().name().equals(choice))
                .anyMatch(ask ->
                        ask instanceof PreparedChoice one && !one.picked(run).isEmpty());
    }

    /**
     * The names of the asks that are put to the shopper after these answers: not an own amount beside a picked pack, nor
     * a choice whose condition does not hold or cannot be told yet.
     */
    public Set<String> open(Asked asked) {
        String pack = asked.answers().pack();
        Run run = new Run(scope, asked, Notes.NONE);
        run.begin(piecesSlot, shelfPriceSlot);
        Set<String> beside = pack == null || !packNamed(pack) ? Set.of() : ownAmountsBeside(pack);
        Set<String> open = new LinkedHashSet<>();
        boolean allRight = true;
        for (PreparedAsk ask : asks) {
            String name = ask.ask().name();
            if (beside.contains(name)) {
                continue;
            }
            try {
                if (ask.open(run, allRight)) {
                    open.add(name);
                }
                allRight &= ask.read(run, allRight) == null;
            } catch (Refused noCondition) {
                allRight = false; // the price says why
            }
        }
        return open;
    }

    private boolean packNamed(String pack) {
        return cases.stream().anyMatch(one -> one.way() instanceof PackWay packs && packs.has(pack));
    }

    private void read(Run run, Set<String> notAsked) {
        run.begin(piecesSlot, shelfPriceSlot);
        if (run.notes().wanted()) {
            card.rates().forEach(rate -> run.show(rate.name(), rate.value(), rate.unit()));
        }
        List<Fault> faults = List.of();
        int answered = 0;
        for (PreparedAsk ask : asks) {
            answered += run.answers().byName().containsKey(ask.ask().name()) ? 1 : 0;
            Fault fault = notAsked.contains(ask.ask().name()) ? null : ask.read(run, faults.isEmpty());
            if (fault != null) {
                faults = faults.isEmpty() ? new ArrayList<>() : faults;
                faults.add(fault);
            }
        }
        if (answered < run.answers().byName().size()) {
            faults = new ArrayList<>(faults);
            faults.addAll(unknown(run.answers()));
        }
        if (!faults.isEmpty()) {
            throw new Refused(faults);
        }
    }

    private List<Fault> unknown(Answers answers) {
        return answers.byName().keySet().stream()
                .filter(this::scopeLacks)
                .sorted()
                .map(name -> Fault.of(Place.ask(name), Refusal.NOT_ASKED, Part.typed(name)))
                .toList();
    }

    private boolean scopeLacks(String name) {
        return asks.stream().noneMatch(ask -> ask.ask().name().equals(name));
    }

    private Set<String> notAsked(Asked asked) {
        String pack = asked.answers().pack();
        return pack == null ? Set.of() : ownAmountsBeside(pack);
    }

    /** The own amounts that are not asked for where a pack of this name is picked. */
    private Set<String> ownAmountsBeside(String pack) {
        Set<String> own = new HashSet<>();
        boolean anyPacks = false;
        for (PreparedCase one : cases) {
            if (one.way() instanceof PackWay packs) {
                anyPacks = true;
                if (packs.own() != null && packs.has(pack)) {
                    own.add(packs.own().ask().name());
                }
            }
        }
        if (anyPacks && !packNamed(pack)) {
            throw Refused.at(Place.PACK, Refusal.PACK_UNKNOWN, Part.typed(pack), Part.all(Join.OR, packs()));
        }
        return own;
    }

    private List<Part> packs() {
        return cases.stream()
                .map(PreparedCase::way)
                .filter(PackWay.class::isInstance)
                .flatMap(way -> ((PackWay) way).shown().stream())
                .distinct()
                .toList();
    }

    private Piece finished(int index, Priced priced, Run run) {
        BigDecimal base = cases.get(index).base();
        if (priced.billable() != null && billableSlot >= 0) {
            boolean plain = card.formulas() == Formulas.PLAIN;
            Unit unit = Objects.requireNonNull(priced.unit());
            run.frame().set(billableSlot, plain ? unit.fromBase(priced.billable()) : priced.billable());
            run.show(Scope.BILLABLE, unit.fromBase(priced.billable()), unit.symbol());
        }
        Piece piece =
                new Piece(index, priced.price(), base, priced.billable(), priced.unit(), priced.rate(), charges(run));
        if (base.signum() != 0 && run.notes().wanted()) {
            run.notes()
                    .piece(
                            Fact.of(Told.WITH_BASE_CHARGE),
                            Fact.of(Told.PLUS_MONEY, Part.money(base)),
                            piece.withBase(),
                            null);
        }
        return piece;
    }

    private List<AppliedCharge> charges(Run run) {
        List<AppliedCharge> charges = List.of();
        for (PreparedAsk ask : asks) {
            PreparedCharge charge = ask instanceof PreparedChoice choice ? choice.charge(run) : null;
            AppliedCharge applied = charge == null ? null : charge.apply(run);
            if (applied != null) {
                charges = charges.isEmpty() ? new ArrayList<>() : charges;
                charges.add(applied);
            }
        }
        return charges;
    }

    private Part lead(int index, Run run) {
        if (cases.size() == 1 || !run.notes().wanted()) {
            return Part.NONE;
        }
        Calc when = cases.get(index).when();
        return when == null
                ? Part.of(Told.IN_ALL_OTHER_CASES)
                : Part.of(Told.AS_CONDITION, Part.typed(when.formula().toString()));
    }

    private int slot(String name) {
        return scope.find(name).map(Symbol::slot).orElse(-1);
    }
}
