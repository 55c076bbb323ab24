package dev.steelyard.web.selling.codes;

import dev.steelyard.core.deal.DealChecks;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.TypedNumbers;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A new list of codes as typed: so many to be made, or those that are pasted or in a file.
 *
 * @param faults what is wrong, by the name of the field
 */
record NewCodes(
        String name,
        String uses,
        boolean onceEach,
        String many,
        String beginning,
        String pasted,
        Map<String, String> faults) {

    private static final int LONGEST_NAME = 120;
    private static final int FEW = 5;

    static final NewCodes EMPTY = new NewCodes("", "1", false, "100", "", "", Map.of());

    static NewCodes read(Map<String, String> sent, String file) {
        Map<String, String> faults = new LinkedHashMap<>();
        NewCodes typed = new NewCodes(
                sent.getOrDefault("name", "").strip(),
                sent.getOrDefault("uses", "").strip(),
                sent.containsKey("onceEach"),
                sent.getOrDefault("many", "").strip(),
                sent.getOrDefault("beginning", "").strip(),
                file.isBlank() ? sent.getOrDefault("pasted", "") : file,
                faults);
        typed.check();
        return typed;
    }

    private void check() {
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            faults.put("name", "A list has a name of at most " + LONGEST_NAME + " characters");
        }
        if (!uses.isEmpty()) {
            number("uses", uses, Quantity.MOST);
        }
        if (pasted.isBlank()) {
            number("many", many, CodeText.MOST);
            if (!beginning.matches("[\\p{L}\\p{N}_-]{0," + (DealChecks.LONGEST_CODE - CodeText.LENGTH) + "}")) {
                faults.put(
                        "beginning",
                        "At most " + (DealChecks.LONGEST_CODE - CodeText.LENGTH) + " letters, digits, - and _");
            }
            return;
        }
        CodeText.Reading reading = CodeText.read(pasted);
        if (!reading.wrong().isEmpty()) {
            faults.put(
                    "pasted",
                    "These are no codes, which have letters, digits, - and _: "
                            + String.join(
                                    ", ", reading.wrong().stream().limit(FEW).toList())
                            + (reading.wrong().size() > FEW
                                    ? " and " + (reading.wrong().size() - FEW) + " more"
                                    : ""));
        } else if (reading.codes().isEmpty() || reading.codes().size() > CodeText.MOST) {
            faults.put(
                    "pasted",
                    "1 to " + CodeText.MOST + " codes; these are "
                            + reading.codes().size());
        }
    }

    private void number(String field, String typed, int most) {
        DecimalText.Reading reading = TypedNumbers.read(typed);
        if (reading.fault() != null) {
            faults.put(field, reading.fault().message());
        } else if (!Quantity.allowed(Objects.requireNonNull(reading.value()))
                || reading.value().intValueExact() > most) {
            faults.put(field, "A whole number from 1 to " + most + ", not " + typed);
        }
    }

    /** The same with a fault found afterwards. */
    NewCodes saying(String field, String fault) {
        return new NewCodes(name, uses, onceEach, many, beginning, pasted, Map.of(field, fault));
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    @Nullable
    Integer usesEach() {
        return uses.isEmpty()
                ? null
                : (Integer)
                        Objects.requireNonNull(TypedNumbers.read(uses).value()).intValueExact();
    }

    /** The codes, made or read; only without faults. */
    Collection<String> codes() {
        return pasted.isBlank()
                ? CodeText.made(
                        Objects.requireNonNull(TypedNumbers.read(many).value()).intValueExact(), beginning)
                : List.copyOf(CodeText.read(pasted).codes());
    }
}
