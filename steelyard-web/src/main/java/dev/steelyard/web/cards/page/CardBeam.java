package dev.steelyard.web.cards.page;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.Piece;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.picture.Beam;
import dev.steelyard.web.picture.BeamAxis;
import dev.steelyard.web.picture.BeamDrawing;
import dev.steelyard.web.picture.BeamDrawing.Point;
import dev.steelyard.web.picture.BeamDrawing.Stretch;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The beam of a card's ladder, from the core's exact curves: the price of a piece over the pieces, the total over them
 * for lots, the price of a unit over the amount. Slice by slice the line is what an order pays on average, and a thin
 * one what the next piece costs.
 */
final class CardBeam {

    private static final int POINTS = 16;
    private static final int MOST_NUMBERS = 20;
    private static final double LEAST_RANGE = 1e-9;

    private final PreparedCard card;
    private final Ladder ladder;
    private final Subject subject;
    private final Asked trial;
    private final LadderTable table;
    private final boolean lots;
    private final boolean amounts;

    CardBeam(PreparedCard card, Subject subject, Asked trial, LadderTable table) {
        this.card = card;
        this.ladder = Objects.requireNonNull(card.card().ladder());
        this.subject = subject;
        this.trial = trial;
        this.table = table;
        this.lots = ladder.mode() == Ladder.Mode.LOT;
        this.amounts = ladder.counts() == Ladder.Counts.AMOUNT;
    }

    /** @param heldEnd where the axis ends while a weight is held; none for where it fits */
    @Nullable
    Beam draw(@Nullable Double heldEnd) {
        try {
            return amounts ? overAmount(heldEnd) : overPieces(heldEnd);
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }

    private @Nullable Beam overPieces(@Nullable Double heldEnd) {
        Asked everyone = of(null, trial.quantity());
        Curve curve = curve(everyone, new Variable.Pieces()).orElse(null);
        if (curve == null || curve.runs().isEmpty()) {
            return null;
        }
        int last = (int) Math.min(Quantity.MOST, Math.max(lastThreshold(), trial.quantity() / 2.0));
        BeamAxis axis = heldEnd != null ? BeamAxis.ending((int) heldEnd.doubleValue()) : BeamAxis.reaching(last);
        BeamDrawing drawing = begin(axis).whole(true).rides("t.quantity");
        lines(drawing, curve, axis, false);
        String second = second();
        Curve other = second == null
                ? null
                : curve(of(second, trial.quantity()), new Variable.Pieces()).orElse(null);
        if (other != null) {
            drawing.second(second);
            lines(drawing, other, axis, true);
        }
        hang(drawing, curve, axis);
        zones(drawing, curve, axis);
        numbers(drawing, curve);
        Curve ridden = other != null && Objects.equals(second, trial.group()) ? other : curve;
        BigDecimal at = BigDecimal.valueOf(trial.quantity());
        Optional<Money> unit = ridden.unit(at);
        Optional<Money> total = ridden.total(at);
        if (unit.isPresent() && total.isPresent()) {
            drawing.trial(
                    trial.quantity(),
                    (lots ? total.get() : unit.get()).value().doubleValue(),
                    "" + trial.quantity(),
                    Show.whole(trial.quantity()) + " → " + shown(unit.get()) + " each · " + shown(total.get()));
        }
        return drawing.draw();
    }

    private @Nullable Beam overAmount(@Nullable Double heldEnd) {
        Unit unit = Objects.requireNonNull(ladder.unit());
        Piece piece = TrialLine.of(card, trial, subject.shop().rules()).piece();
        BigDecimal one = piece.billable();
        Unit inUnit = piece.unit();
        if (one == null || one.signum() == 0 || inUnit == null) {
            return null;
        }
        PiecePrice way = card.card().cases().all().get(piece.caseIndex()).piece();
        Variable along = way instanceof PiecePrice.Packs packs && packs.own() != null
                ? new Variable.Measured(packs.own().by())
                : new Variable.Amount();
        Curve curve = curve(of(null, 1), along).orElse(null);
        if (curve == null || curve.runs().isEmpty()) {
            return null;
        }
        double ordered = unit.fromBase(one).doubleValue() * trial.quantity();
        double last = Math.max(lastThreshold(), ordered / 2);
        BeamAxis axis = heldEnd != null
                ? new BeamAxis(BeamAxis.ofAmount(smallest(), last).start(), heldEnd, true)
                : BeamAxis.ofAmount(smallest(), last);
        BeamDrawing drawing = begin(axis).whole(false);
        double factor = inUnit.factor().doubleValue() / unit.factor().doubleValue();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= POINTS * 3; i++) {
            double x = axis.value(i / (POINTS * 3.0));
            curve.total(BigDecimal.valueOf(x / factor).setScale(6, RoundingMode.HALF_UP))
                    .ifPresent(total -> points.add(new Point(x, total.value().doubleValue() / x)));
        }
        for (Break row : ladder.rows()) {
            BigDecimal x = inUnit.fromBase(unit.toBase(row.from()));
            curve.total(x)
                    .ifPresent(total -> drawing.number(
                            row.from().toPlainString() + " " + unit.symbol(),
                            Show.money(total.value().divide(row.from(), 4, RoundingMode.HALF_UP), 2),
                            shown(total)));
        }
        if (points.isEmpty()) {
            return null;
        }
        drawing.stretch(new Stretch(points, false, false));
        hangAmounts(drawing);
        Money total = TrialLine.of(card, trial, subject.shop().rules()).total();
        drawing.trial(
                ordered,
                total.value().doubleValue() / ordered,
                Show.money(BigDecimal.valueOf(ordered), 0),
                Show.money(unit.fromBase(one).multiply(BigDecimal.valueOf(trial.quantity())), 0) + " " + unit.symbol()
                        + " → " + shown(total));
        return drawing.draw();
    }

    private BeamDrawing begin(BeamAxis axis) {
        String what = lots
                ? "the total above"
                : amounts
                        ? "the price per "
                                + Objects.requireNonNull(ladder.unit()).symbol() + " above"
                        : "the price of a piece above";
        int decimals = ladder.value() == Ladder.Value.PERCENT_OFF
                ? 1
                : subject.shop()
                        .rules()
                        .roundingFor(trial.item().product(), card.card())
                        .unitPriceDecimals();
        BeamDrawing drawing =
                new BeamDrawing(axis).decimals(decimals).says("The beam: breaks as hanging weights, " + what);
        return switch (ladder.value()) {
            case PERCENT_OFF -> drawing.valuePerPixel(-0.25)
                    .priceDecimals(subject.shop().minorDigits());
            case AMOUNT_OFF -> drawing.valuePerPixel(-0.05);
            default -> drawing;
        };
    }

    private Asked of(@Nullable String group, long quantity) {
        return new Asked(trial.item(), quantity, trial.answers(), group, trial.day());
    }

    private Optional<Curve> curve(Asked asked, Variable variable) {
        return new CardCurves(card, asked, subject.shop().rules()).along(variable);
    }

    /** The trial's group where it has breaks of its own, else the first that has. */
    private @Nullable String second() {
        List<String> groups = ladder.rows().stream()
                .map(row -> row.group())
                .filter(Objects::nonNull)
                .distinct()
                .sorted()
                .toList();
        String own = trial.group();
        return groups.isEmpty() ? null : own != null && groups.contains(own) ? own : groups.get(0);
    }

    private double lastThreshold() {
        return ladder.rows().stream()
                .mapToDouble(row -> row.from().doubleValue())
                .max()
                .orElse(1);
    }

    private double smallest() {
        return ladder.rows().stream()
                        .mapToDouble(row -> row.from().doubleValue())
                        .filter(from -> from > 0)
                        .min()
                        .orElse(1)
                / 10;
    }

    private void lines(BeamDrawing drawing, Curve curve, BeamAxis axis, boolean ofSecond) {
        boolean slices = ladder.mode() == Ladder.Mode.SLICE;
        List<Stretch> thin = new ArrayList<>();
        for (Curve.Run run : curve.runs()) {
            double from = run.from().doubleValue();
            if (from > axis.end()) {
                break;
            }
            double until = Math.min(axis.end(), run.until().doubleValue() + 1);
            drawing.stretch(
                    new Stretch(points(curve, from, until, run.until().doubleValue() >= axis.end()), ofSecond, false));
            if (slices && !ofSecond) {
                BigDecimal first = run.from();
                Optional<Money> here = curve.total(first);
                Optional<Money> next = curve.total(first.add(BigDecimal.ONE));
                if (here.isPresent() && next.isPresent()) {
                    double each =
                            next.get().value().subtract(here.get().value()).doubleValue();
                    thin.add(new Stretch(List.of(new Point(from, each), new Point(until, each)), false, true));
                }
            }
        }
        thin.forEach(drawing::stretch);
    }

    /** @param open whether it goes on beyond the axis */
    private List<Point> points(Curve curve, double from, double until, boolean open) {
        List<Point> points = new ArrayList<>();
        double last = open ? until : Math.max(from, until - 1);
        for (int i = 0; i <= POINTS; i++) {
            double x = Math.floor(from * Math.pow(Math.max(last, from) / from, i / (double) POINTS));
            value(curve, x).ifPresent(price -> points.add(new Point(x, price)));
        }
        if (points.isEmpty()) {
            return List.of(new Point(from, 0));
        }
        if (!open) {
            points.add(new Point(until, points.get(points.size() - 1).price()));
        }
        return points;
    }

    private Optional<Double> value(Curve curve, double pieces) {
        BigDecimal x = BigDecimal.valueOf((long) pieces);
        return (lots ? curve.total(x) : curve.unit(x))
                .map(money -> money.value().doubleValue());
    }

    private void hang(BeamDrawing drawing, Curve curve, BeamAxis axis) {
        double dearest = curve.unit(curve.runs().get(0).from())
                .map(money -> money.value().doubleValue())
                .orElse(1.0);
        double cheapest = dearest;
        for (Curve.Run run : curve.runs()) {
            cheapest = Math.min(
                    cheapest,
                    curve.unit(run.from())
                            .map(money -> money.value().doubleValue())
                            .orElse(cheapest));
        }
        double range = Math.max(dearest - cheapest, LEAST_RANGE);
        for (LadderTable.Row row : table.rows()) {
            for (LadderTable.Cell cell : row.cells()) {
                BigDecimal from = from(row);
                boolean shown = cell.group().isEmpty() || cell.group().equals(second());
                if (from == null || cell.place().isEmpty() || !shown || from.doubleValue() > axis.end()) {
                    continue;
                }
                double unit = curve.unit(from.setScale(0, RoundingMode.CEILING))
                        .map(money -> money.value().doubleValue())
                        .orElse(cheapest);
                hang(drawing, row, cell, from, (dearest - unit) / range);
            }
        }
    }

    private void hangAmounts(BeamDrawing drawing) {
        int index = 0;
        for (LadderTable.Row row : table.rows()) {
            index++;
            for (LadderTable.Cell cell : row.cells()) {
                BigDecimal from = from(row);
                boolean shown = cell.group().isEmpty() || cell.group().equals(second());
                if (from != null && !cell.place().isEmpty() && shown) {
                    hang(drawing, row, cell, from, index / (double) table.rows().size());
                }
            }
        }
    }

    private void hang(
            BeamDrawing drawing, LadderTable.Row row, LadderTable.Cell cell, BigDecimal from, double takesOff) {
        String label = label(cell.text());
        String unit = amounts ? " " + Objects.requireNonNull(ladder.unit()).symbol() : " pieces";
        String who = cell.group().isEmpty() ? "" : cell.group() + ", ";
        drawing.hang(new Beam.Hung(
                from.doubleValue(),
                takesOff,
                label,
                !cell.group().isEmpty(),
                who + "from " + from.toPlainString() + unit + ": " + label,
                "weight-" + cell.place(),
                row.place() + "/from",
                cell.field()));
    }

    /** “6.90”, “−5 %”, “−0.40”. */
    private String label(String value) {
        return switch (ladder.value()) {
            case PERCENT_OFF -> "−" + value + " %";
            case AMOUNT_OFF -> "−" + value;
            default -> value;
        };
    }

    private static @Nullable BigDecimal from(LadderTable.Row row) {
        return DecimalText.read(row.from()).value();
    }

    /** The same numbers for a table: what the first and the last order of each stretch cost. */
    private static void numbers(BeamDrawing drawing, Curve curve) {
        for (Curve.Run run : curve.runs().stream().limit(MOST_NUMBERS).toList()) {
            for (BigDecimal at : run.until().compareTo(BigDecimal.valueOf(Quantity.MOST)) < 0
                            && run.until().compareTo(run.from()) > 0
                    ? List.of(run.from(), run.until())
                    : List.of(run.from())) {
                Optional<Money> unit = curve.unit(at);
                Optional<Money> total = curve.total(at);
                if (unit.isPresent() && total.isPresent()) {
                    drawing.number(at.toPlainString(), shown(unit.get()), shown(total.get()));
                }
            }
        }
    }

    /** Where a smaller order costs more than a larger one. */
    private static void zones(BeamDrawing drawing, Curve curve, BeamAxis axis) {
        for (int i = 1; i < curve.runs().size(); i++) {
            BigDecimal threshold = curve.runs().get(i).from();
            BigDecimal total = curve.total(threshold).map(Money::value).orElse(null);
            long low = curve.runs().get(i - 1).from().longValue();
            long high = threshold.longValue() - 1;
            if (total == null || high < low || threshold.doubleValue() > axis.end() || !dearer(curve, high, total)) {
                continue;
            }
            long until = high;
            while (low < high) {
                long middle = (low + high) >>> 1;
                if (dearer(curve, middle, total)) {
                    high = middle;
                } else {
                    low = middle + 1;
                }
            }
            drawing.zone(low, until + 1.0, "From " + low + " pieces an order costs more than " + threshold + " pieces");
        }
    }

    private static boolean dearer(Curve curve, long pieces, BigDecimal than) {
        return curve.total(BigDecimal.valueOf(pieces))
                .map(total -> total.value().compareTo(than) > 0)
                .orElse(false);
    }

    private static String shown(Money money) {
        return Show.money(money.value(), money.value().scale());
    }

    /** Whether a card has a ladder that a beam can be drawn of. */
    static boolean has(RateCard card) {
        return card.ladder() != null && !card.ladder().rows().isEmpty();
    }
}
