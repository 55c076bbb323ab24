package dev.steelyard.web.editing.rows;

import dev.steelyard.core.curve.Cliff;
import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.BeamAxis;
import dev.steelyard.web.base.picture.BeamDrawing;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The beam of a product's own prices: everyone's curve, and that of a second group where it has breaks of its own. */
final class PriceBeam {

    private final PieceCurve everyone;
    private final @Nullable PieceCurve second;
    private final @Nullable String secondName;
    private final RowFields fields;
    private final Rounding rounding;
    private final BeamAxis axis;
    private final BeamDrawing drawing;

    PriceBeam(
            PieceCurve everyone,
            @Nullable PieceCurve second,
            @Nullable String secondName,
            RowFields fields,
            Rounding rounding,
            @Nullable Integer axisEnd,
            @Nullable Integer trial) {
        this.everyone = everyone;
        this.second = second;
        this.secondName = secondName;
        this.fields = fields;
        this.rounding = rounding;
        int last = Stream.concat(
                        everyone.stretches().stream(), second == null ? Stream.empty() : second.stretches().stream())
                .mapToInt(Stretch::from)
                .max()
                .orElse(1);
        this.axis = axisEnd != null && axisEnd > 0
                ? BeamAxis.ending(axisEnd)
                : BeamAxis.reaching(Math.max(last, trial == null ? 1 : trial / 2));
        this.drawing = new BeamDrawing(axis);
    }

    Beam draw(@Nullable Integer quantity, @Nullable String group) {
        int decimals = rounding.unitPriceDecimals();
        drawing.decimals(decimals)
                .second(secondName)
                .rides("t.quantity")
                .says("The beam: breaks as hanging weights, the price of a piece above");
        line(everyone, false);
        hang(everyone, false);
        if (second != null) {
            line(second, true);
            hang(second, true);
        }
        for (Cliff cliff : Cliff.of(everyone)) {
            drawing.zone(
                    cliff.first(),
                    cliff.threshold(),
                    "From " + cliff.first() + " pieces an order costs more than " + cliff.threshold() + " pieces");
        }
        if (quantity != null) {
            PieceCurve curve = second != null && Objects.equals(group, secondName) ? second : everyone;
            drawing.trial(
                    quantity,
                    curve.perPiece(quantity).value().doubleValue(),
                    Show.whole(quantity) + " → "
                            + Show.money(curve.perPiece(quantity).value(), decimals) + " each · "
                            + Show.money(curve.total(quantity).value(), rounding.minorDigits()));
        }
        return drawing.draw();
    }

    private void line(PieceCurve curve, boolean ofSecond) {
        for (Stretch stretch : curve.stretches()) {
            double until = stretch.last() >= axis.end() ? axis.end() : stretch.until();
            drawing.stretch(BeamDrawing.Stretch.flat(
                    stretch.from(), until, stretch.perPiece().value().doubleValue(), ofSecond));
        }
    }

    private void hang(PieceCurve curve, boolean ofSecond) {
        double dearest = price(everyone, true);
        double range = Math.max(dearest - price(everyone, false), 1e-9);
        for (Stretch stretch : curve.stretches()) {
            Break by = stretch.by();
            boolean own = by != null && (!ofSecond || Objects.equals(by.group(), secondName));
            String priceField = by == null || !own || stretch.from() > Quantity.MOST ? null : fields.price(by.key());
            if (by != null && priceField != null) {
                String price = Show.money(stretch.perPiece().value(), rounding.unitPriceDecimals());
                String who = by.group() == null ? "" : by.group() + ", ";
                drawing.hang(new Beam.Hung(
                        stretch.from(),
                        (dearest - stretch.perPiece().value().doubleValue()) / range,
                        price,
                        by.group() != null,
                        who + "from " + Quantity.words(by.pieces()) + ": " + price,
                        "weight-" + priceField.replace("/value", ""),
                        Objects.requireNonNull(fields.from(by.key())),
                        priceField));
            }
        }
    }

    private static double price(PieceCurve curve, boolean dearest) {
        var prices = curve.stretches().stream()
                .mapToDouble(stretch -> stretch.perPiece().value().doubleValue());
        return (dearest ? prices.max() : prices.min()).orElse(0);
    }
}
