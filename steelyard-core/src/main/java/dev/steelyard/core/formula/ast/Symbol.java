package dev.steelyard.core.formula.ast;

import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a name stands for.
 *
 * @param slot where its value is in a frame
 * @param unit the unit it is typed in, for mends; none where it has none
 * @param options of a choice; empty for anything else
 * @param constant the value of a named rate, in base units; none for what is asked
 */
public record Symbol(
        String name, Kind kind, int slot, @Nullable Unit unit, List<String> options, @Nullable BigDecimal constant) {

    public Symbol {
        options = List.copyOf(options);
    }
}
