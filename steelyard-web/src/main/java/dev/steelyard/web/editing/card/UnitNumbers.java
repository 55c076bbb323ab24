package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A number of a draft that stands in the unit of a place beside it.
 *
 * @param price whether it is a price for one of the unit; else it is an amount in it
 */
record UnitNumbers(String place, boolean price) {

    private static final int DECIMALS = 4;

    /** The numbers that a unit at a place is about, those of them that are typed. */
    static List<UnitNumbers> of(DraftDocument document, String unit) {
        String part = unit.substring(0, unit.lastIndexOf('/'));
        List<UnitNumbers> numbers = new ArrayList<>();
        if (unit.endsWith("/rowsUnit")) {
            return typed(
                    document,
                    rows(document, part + "/rows").stream()
                            .map(size -> new UnitNumbers(size, false))
                            .toList());
        }
        for (String amount : List.of("min", "max", "step", "start", "roundUpTo", "atLeast", "amount", "soldFrom")) {
            numbers.add(new UnitNumbers(part + "/" + amount, false));
        }
        if (part.endsWith("/rate") || part.endsWith("/own")) {
            numbers.add(new UnitNumbers(part + "/price", true));
        }
        rows(document, part + "/rows").forEach(row -> numbers.add(new UnitNumbers(row + "/from", false)));
        rows(document, part + "/breaks/rows").forEach(row -> {
            numbers.add(new UnitNumbers(row + "/from", false));
            numbers.add(new UnitNumbers(row + "/value", true));
        });
        rows(document, part + "/columns").forEach(size -> numbers.add(new UnitNumbers(size, false)));
        if (part.endsWith("/grid") && !document.has(part + "/rowsUnit")) {
            rows(document, part + "/rows").forEach(size -> numbers.add(new UnitNumbers(size, false)));
        }
        return typed(document, numbers);
    }

    private static List<UnitNumbers> typed(DraftDocument document, List<UnitNumbers> numbers) {
        return numbers.stream().filter(number -> number.value(document) != null).toList();
    }

    private static List<String> rows(DraftDocument document, String list) {
        return IntStream.range(0, document.at(list).size())
                .mapToObj(i -> list + "/" + i)
                .toList();
    }

    private @Nullable BigDecimal value(DraftDocument document) {
        return DecimalText.read(document.text(place)).value();
    }

    /** How many of one unit another one is; none where they do not measure the same. */
    static Optional<BigDecimal> factor(String from, String to) {
        Optional<Unit> one = Unit.of(from);
        Optional<Unit> other = Unit.of(to);
        return one.isEmpty()
                        || other.isEmpty()
                        || !one.get().dimension().equals(other.get().dimension())
                ? Optional.empty()
                : Optional.of(one.get().factor().divide(other.get().factor(), MathContext.DECIMAL128));
    }

    /** Writes the number anew for another unit, to four decimals, half up. */
    void convert(DraftDocument document, Unit from, String to) {
        BigDecimal value = value(document);
        BigDecimal factor = factor(from.code(), to).orElse(null);
        if (value != null && factor != null) {
            BigDecimal exact = price ? value.divide(factor, MathContext.DECIMAL128) : value.multiply(factor);
            document.put(place, text(exact, price ? value.scale() : 0));
        }
    }

    private static String text(BigDecimal exact, int least) {
        BigDecimal rounded = exact.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
        return (rounded.scale() < least ? rounded.setScale(least) : rounded).toPlainString();
    }
}
