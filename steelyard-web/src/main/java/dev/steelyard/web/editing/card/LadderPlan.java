package dev.steelyard.web.editing.card;

import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.Subject;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the beams of a card's ladder share: the card, the trial, its curves, and how its breaks hang. */
final class LadderPlan {

    final PreparedCard card;
    final Ladder ladder;
    final Subject subject;
    final Asked trial;
    final LadderTable table;
    final boolean lots;
    final boolean amounts;

    LadderPlan(PreparedCard card, Subject subject, Asked trial, LadderTable table) {
        this.card = card;
        this.ladder = Objects.requireNonNull(card.card().ladder());
        this.subject = subject;
        this.trial = trial;
        this.table = table;
        this.lots = ladder.mode() == Ladder.Mode.LOT;
        this.amounts = ladder.counts() == Ladder.Counts.AMOUNT;
    }

    BeamDrawing begin(BeamAxis axis) {
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

    Asked of(@Nullable String group, long quantity) {
        return new Asked(trial.item(), quantity, trial.answers(), group, trial.day());
    }

    Optional<Curve> curve(Asked asked, Variable variable) {
        return new CardCurves(card, asked, subject.shop().rules()).along(variable);
    }

    /** The trial's group where it has breaks of its own, else the first that has. */
    @Nullable
    String second() {
        List<String> groups = ladder.rows().stream()
                .map(row -> row.group())
                .filter(Objects::nonNull)
                .distinct()
                .sorted()
                .toList();
        String own = trial.group();
        return groups.isEmpty() ? null : own != null && groups.contains(own) ? own : groups.get(0);
    }

    double lastThreshold() {
        return ladder.rows().stream()
                .mapToDouble(row -> row.from().doubleValue())
                .max()
                .orElse(1);
    }

    void hang(BeamDrawing drawing, LadderTable.Row row, LadderTable.Cell cell, BigDecimal from, double takesOff) {
        String label = label(cell.text());
        String unit = amounts
                ? " " + Objects.requireNonNull(ladder.unit()).symbol()
                : (from.compareTo(BigDecimal.ONE) == 0 ? " piece" : " pieces");
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
    String label(String value) {
        return switch (ladder.value()) {
            case PERCENT_OFF -> "−" + value + " %";
            case AMOUNT_OFF -> "−" + value;
            default -> value;
        };
    }

    static @Nullable BigDecimal from(LadderTable.Row row) {
        return DecimalText.read(row.from()).value();
    }

    static String shown(Money money) {
        return Show.money(money.value(), money.value().scale());
    }
}
