package dev.steelyard.format;

import dev.steelyard.core.number.DecimalText;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.POJONode;

/** Single values: numbers as they are read, and what is said of a value that is none. */
final class Values {

    private static final int SHOWN = 60;

    private Values() {}

    /** An exact decimal; none, with an issue, where it is no number, has too many digits or an exponent. */
    static @Nullable BigDecimal decimal(JsonNode value, String where, List<FormatIssue> issues) {
        if (value.isNumber()) {
            BigDecimal number = value.decimalValue();
            if (number.scale() < 0
                    || number.scale() > DecimalText.MOST_DIGITS
                    || number.precision() > DecimalText.MOST_DIGITS) {
                issues.add(FormatIssue.at(
                        where, "a number has at most " + DecimalText.MOST_DIGITS + " digits and no exponent"));
                return null;
            }
            return number;
        }
        if (value.isString()) {
            DecimalText.Reading reading = DecimalText.read(value.stringValue());
            if (reading.fault() != null
                    || !value.stringValue().equals(value.stringValue().strip())) {
                issues.add(FormatIssue.at(
                        where,
                        reading.fault() == null
                                ? "a number has no spaces"
                                : reading.fault().message()));
                return null;
            }
            return reading.value();
        }
        issues.add(FormatIssue.at(
                where,
                "this is " + words(value)
                        + (value.isPojo() ? "; write it in full" : "; it must be a number, as 6.90 or \"6.90\"")));
        return null;
    }

    /** What a value is, in words. */
    static String words(JsonNode value) {
        return switch (value.getNodeType()) {
            case OBJECT -> "an object";
            case ARRAY -> "a list";
            case STRING -> "the text “" + shortened(value.stringValue()) + "”";
            case NUMBER -> "the number " + shortened(value.toString());
            case BOOLEAN -> value.toString();
            case POJO -> "a number with an exponent, " + shortened(String.valueOf(((POJONode) value).getPojo()));
            default -> "null";
        };
    }

    static String shortened(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
