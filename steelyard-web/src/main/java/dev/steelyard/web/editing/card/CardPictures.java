package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.base.picture.CurvePicture;
import dev.steelyard.web.base.picture.CurvePicture.Point;
import dev.steelyard.web.editing.trial.CurveStretches;
import dev.steelyard.web.editing.trial.Subject;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The price over one measurement, from the core's exact curve. */
final class CardPictures {

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
        return CurveStretches.along(
                        new Variable.Measured(name), card, trial, subject.shop().rules())
                .map(drawn -> draw(ask, drawn.curve(), drawn.stretches()))
                .orElse(null);
    }

    private CurvePicture draw(Measurement ask, Curve curve, List<List<Point>> stretches) {
        String symbol = ask.unit().symbol();
        BigDecimal at = answer(ask);
        Optional<Money> unit = at == null ? Optional.empty() : curve.unit(at);
        String says = unit.map(money -> Show.money(at, 0) + " " + symbol + " → " + shown(money))
                .orElse("");
        return CurvePicture.draw(
                ask.label().own(),
                symbol,
                stretches,
                List.of(),
                unit.map(money -> new Point(at.doubleValue(), money.value().doubleValue()))
                        .orElse(null),
                says,
                !curve.exact(),
                rows(ask, curve, symbol));
    }

    private @Nullable BigDecimal answer(Measurement ask) {
        var answer = trial.answers().byName().get(ask.name());
        BigDecimal value =
                TypedNumbers.read(answer == null ? "" : answer.text()).value();
        if (value == null || !(answer instanceof Answer.Typed typed) || typed.unit() == null) {
            return value;
        }
        return Unit.of(typed.unit())
                .map(unit -> ask.unit().fromBase(unit.toBase(value)))
                .orElse(value);
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
