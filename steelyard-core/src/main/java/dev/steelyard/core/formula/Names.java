package dev.steelyard.core.formula;

import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.function.Functions;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.unit.Unit;
import java.util.Currency;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which words may be names of measurements, choices and rates. */
public final class Names {

    /** Words that name places of faults, or are built in. */
    private static final Set<String> RESERVED = Set.of(
            Scope.PIECES,
            Scope.SHELF_PRICE,
            Scope.BILLABLE,
            "quantity",
            "joint",
            "pack",
            "amount",
            "grid",
            "formula",
            "piece");

    private Names() {}

    /** Why a word may not be a name, in plain words; none where it may. */
    public static @Nullable String fault(String word) {
        if (word.isEmpty()) {
            return "it needs a name: a letter, then letters, digits or _";
        }
        if (Parser.nameIn(word) == null) {
            return "“" + word + "” is no name; a name is a letter, then letters, digits or _";
        }
        if (RESERVED.contains(word)) {
            return "“" + word + "” has a meaning of its own";
        }
        if (Unit.of(word).isPresent()) {
            return "“" + word + "” is a unit";
        }
        if (Functions.find(word.toUpperCase(Locale.ROOT)).isPresent()) {
            return "“" + word + "” is a function";
        }
        boolean currency = Currency.getAvailableCurrencies().stream()
                .anyMatch(known -> known.getCurrencyCode().equals(word));
        return currency ? "“" + word + "” is a currency" : null;
    }
}
