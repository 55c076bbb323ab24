package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShopPage.Shape;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.base.picture.PieceDrawing;
import dev.steelyard.web.base.picture.PieceDrawing.Side;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Finds out which of a card's measurements are the sides of the piece, and draws it as it is typed. */
public final class PieceShape {

    private static final int MOST_SIDES = 3;

    private PieceShape() {}

    /** None where there is nothing to draw, or a side cannot be read. */
    public static @Nullable PieceDrawing of(RateCard card, TypedAnswers typed, Words words) {
        List<Measurement> lengths = sides(card);
        Shape shape = shape(card, lengths);
        if (shape == Shape.NONE || lengths.size() < shape.sides()) {
            return null;
        }
        List<Side> sides = new ArrayList<>();
        for (Measurement ask : lengths) {
            Side side = side(ask, typed, words);
            if (side == null) {
                return null;
            }
            sides.add(side);
        }
        return drawing(shape, sides, words);
    }

    private static PieceDrawing drawing(Shape shape, List<Side> sides, Words words) {
        Side first = sides.get(0);
        Side second = sides.size() > 1 ? sides.get(1) : new Side(0, 0, "");
        return switch (shape) {
            case RECTANGLE -> PieceDrawing.rectangle(
                    words.text("shape.rectangle", "across", first.words(), "down", second.words()), first, second);
            case BOX -> PieceDrawing.box(
                    words.text(
                            "shape.box",
                            "across",
                            first.words(),
                            "deep",
                            second.words(),
                            "high",
                            sides.get(2).words()),
                    first,
                    second,
                    sides.get(2));
            case ROUND -> PieceDrawing.round(words.text("shape.round", "size", first.words()), first, second);
            case ROLL -> PieceDrawing.roll(words.text("shape.roll", "size", first.words()), first, wide(second, words));
            default -> PieceDrawing.bar(words.text("shape.bar", "size", first.words()), first, second);
        };
    }

    private static Side wide(Side side, Words words) {
        String said = side.words().isEmpty() ? "" : words.text("shape.wide", "size", side.words());
        return new Side(side.size(), side.most(), said);
    }

    private static Shape shape(RateCard card, List<Measurement> lengths) {
        Shape said = card.shopPage().shape();
        if (said != Shape.FITTING) {
            return said;
        }
        return switch (Math.min(lengths.size(), MOST_SIDES)) {
            case 0 -> Shape.NONE;
            case 1 -> Shape.BAR;
            case 2 -> Shape.RECTANGLE;
            default -> Shape.BOX;
        };
    }

    private static List<Measurement> sides(RateCard card) {
        List<Measurement> lengths = card.measurements().stream()
                .filter(ask -> ask.unit().dimension().equals(Dimension.LENGTH))
                .toList();
        List<String> said = card.shopPage().sides();
        if (said.isEmpty()) {
            return lengths.subList(0, Math.min(lengths.size(), MOST_SIDES));
        }
        return said.stream()
                .map(name -> lengths.stream()
                        .filter(ask -> ask.name().equals(name))
                        .findFirst()
                        .orElse(null))
                .filter(Objects::nonNull)
                .limit(MOST_SIDES)
                .toList();
    }

    private static @Nullable Side side(Measurement ask, TypedAnswers typed, Words words) {
        Answer.Typed answer = (Answer.Typed) Answer.pasted(typed.answer(ask.name()), typed.unit(ask.name()));
        BigDecimal value = TypedNumbers.read(answer.text()).value();
        Unit unit = Unit.of(Objects.requireNonNullElse(answer.unit(), ""))
                .filter(one -> one.dimension().equals(ask.unit().dimension()))
                .orElse(ask.unit());
        if (value == null || value.signum() <= 0) {
            return null;
        }
        double size = unit.toBase(value).doubleValue();
        double most = ask.most() == null ? size : ask.unit().toBase(ask.most()).doubleValue();
        return new Side(size, Math.max(size, most), words.amount(value, unit));
    }
}
