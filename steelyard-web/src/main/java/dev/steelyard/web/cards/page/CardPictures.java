package dev.steelyard.web.cards.page;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.cards.trial.Subject;
import dev.steelyard.web.page.Show;
import dev.steelyard.web.picture.CurvePicture;
import dev.steelyard.web.picture.CurvePicture.Point;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The price over one measurement, from the core's exact curve. */
final class CardPictures {

    private static final int FEW_RUNS = 12;
    private static final int POINTS = 24;
    private static final int TABLE_ROWS = 8;

    private final PreparedCard card;
    private final Subject subject;
    private final Asked trial;

    CardPictures(PreparedCard card, Subject subject, Asked trial) {
        this.card = card;
        this.subject = subject;
        this.trial = trial;
    }

    /** None where nothing is asked by the name, or the trial has no price. */
    @Nullable
    CurvePicture over(String name) {
        Measurement ask = card.card().measurements().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElse(null);
        if (ask == null || trial.answers().byName().get(name) == null) {
            return null;
        }
        try {
            return new CardCurves(card, trial, subject.shop().rules())
                    .along(new Variable.Measured(name))
                    .map(curve -> draw(ask, curve))
                    .orElse(null);
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }

    private @Nullable CurvePicture draw(Measurement ask, Curve curve) {
        List<List<Point>> stretches = new ArrayList<>();
        int points = curve.runs().size() > FEW_RUNS ? 1 : POINTS;
        for (Curve.Run run : curve.runs()) {
            List<Point> stretch = run.form() == null ? sampled(run) : exact(curve, run, points);
            if (!stretch.isEmpty()) {
                stretches.add(stretch);
            }
        }
        if (stretches.isEmpty()) {
            return null;
        }
        String symbol = ask.unit().symbol();
        BigDecimal at = answer(ask);
        Optional<Money> unit = at == null ? Optional.empty() : curve.unit(at);
        String says = unit.map(money -> Show.money(at, 0) + " " + symbol + " → " + shown(money))
                .orElse("");
        return CurvePicture.draw(
                ask.label(),
                symbol,
                stretches,
                unit.map(money -> new Point(at.doubleValue(), money.value().doubleValue()))
                        .orElse(null),
                says,
                !curve.exact(),
                rows(ask, curve, symbol));
    }

    private @Nullable BigDecimal answer(Measurement ask) {
        var answer = trial.answers().byName().get(ask.name());
        BigDecimal value = DecimalText.read(answer == null ? "" : answer.text()).value();
        if (value == null || !(answer instanceof Answer.Typed typed) || typed.unit() == null) {
            return value;
        }
        return Unit.of(typed.unit())
                .map(unit -> ask.unit().fromBase(unit.toBase(value)))
                .orElse(value);
    }

    private List<Point> exact(Curve curve, Curve.Run run, int points) {
        List<Point> stretch = new ArrayList<>();
        BigDecimal width = run.until().subtract(run.from());
        for (int i = 0; i <= points; i++) {
            BigDecimal x = run.from()
                    .add(width.multiply(BigDecimal.valueOf(i)).divide(BigDecimal.valueOf(points), Decimals.EXACT));
            curve.totalOn(run, x)
                    .ifPresent(total ->
                            stretch.add(new Point(x.doubleValue(), total.value().doubleValue() / trial.quantity())));
        }
        return stretch;
    }

    private static List<Point> sampled(Curve.Run run) {
        return run.samples().stream()
                .map(sample -> new Point(
                        sample.x().doubleValue(), sample.unit().value().doubleValue()))
                .toList();
    }

    private List<CurvePicture.Row> rows(Measurement ask, Curve curve, String symbol) {
        BigDecimal from = curve.runs().get(0).from();
        BigDecimal until = curve.runs().get(curve.runs().size() - 1).until();
        BigDecimal step = ask.step() == null || ask.step().signum() <= 0 ? new BigDecimal("0.01") : ask.step();
        List<CurvePicture.Row> rows = new ArrayList<>();
        for (int i = 0; i <= TABLE_ROWS; i++) {
            BigDecimal steps = until.subtract(from)
                    .multiply(BigDecimal.valueOf(i))
                    .divide(BigDecimal.valueOf(TABLE_ROWS), Decimals.EXACT)
                    .divide(step, 0, RoundingMode.DOWN);
            BigDecimal x = from.add(steps.multiply(step));
            rows.add(new CurvePicture.Row(
                    Show.money(x, 0) + " " + symbol,
                    curve.unit(x).map(this::shown).orElse("no price")));
        }
        return rows;
    }

    private String shown(Money money) {
        return Show.money(money.value(), money.value().scale());
    }
}
