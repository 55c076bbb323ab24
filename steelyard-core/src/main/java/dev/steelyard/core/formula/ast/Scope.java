package dev.steelyard.core.formula.ast;

import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The names a formula may use, and the shop's currency. Immutable. */
public final class Scope {

    public static final String PIECES = "pieces";
    public static final String SHELF_PRICE = "shelf_price";
    public static final String BILLABLE = "billable";

    private final String currency;
    private final Map<String, Symbol> symbols;

    private Scope(String currency, Map<String, Symbol> symbols) {
        this.currency = currency;
        this.symbols = symbols;
    }

    /** A scope that has {@code pieces} and {@code shelf_price}, to which more is added. */
    public static Builder inCurrency(String currency) {
        return new Builder(currency, false)
                .add(PIECES, Kind.PLAIN, null, List.of(), null)
                .add(SHELF_PRICE, Kind.MONEY, null, List.of(), null);
    }

    /**
     * A scope in which everything is a bare number: measurements in the unit they are typed in, rates, and the result,
     * which is money. For formulas brought along from elsewhere; nothing is checked for units.
     */
    public static Builder plain(String currency) {
        return new Builder(currency, true)
                .add(PIECES, Kind.PLAIN, null, List.of(), null)
                .add(SHELF_PRICE, Kind.PLAIN, null, List.of(), null);
    }

    public String currency() {
        return currency;
    }

    /** The same without some names; the others keep their slots, so that one frame serves both. */
    public Scope hiding(Set<String> names) {
        Map<String, Symbol> left = new LinkedHashMap<>(symbols);
        left.keySet().removeAll(names);
        return new Scope(currency, Collections.unmodifiableMap(left));
    }

    public Optional<Symbol> find(String name) {
        return Optional.ofNullable(symbols.get(name));
    }

    public Collection<Symbol> symbols() {
        return symbols.values();
    }

    /** Collects names in order. */
    public static final class Builder {

        private final String currency;
        private final boolean plain;
        private final Map<String, Symbol> symbols = new LinkedHashMap<>();

        private Builder(String currency, boolean plain) {
            this.currency = currency;
            this.plain = plain;
        }

        /** A measurement typed in a unit; its value in a frame is in base units, in plain mode as typed. */
        public Builder measurement(String name, Unit unit) {
            return plain
                    ? add(name, Kind.PLAIN, null, List.of(), null)
                    : add(name, new Kind.Measure(unit.dimension()), unit, List.of(), null);
        }

        /** A value in base units that is worked out before the formula is run; plain mode takes it as a bare number. */
        public Builder given(String name, Dimension dimension) {
            return add(name, plain ? Kind.PLAIN : new Kind.Measure(dimension), null, List.of(), null);
        }

        /** A choice, whose value is its option's name. */
        public Builder choice(String name, List<String> options) {
            return add(name, new Kind.Text(), null, options, null);
        }

        /** A named rate with its value in base units: 42.00 per m² is 42.00, 3 per cm is 300. */
        public Builder rate(String name, BigDecimal value, Dimension dimension) {
            return add(name, plain ? Kind.PLAIN : new Kind.Measure(dimension), null, List.of(), value);
        }

        public Scope build() {
            return new Scope(currency, Collections.unmodifiableMap(new LinkedHashMap<>(symbols)));
        }

        private Builder add(
                String name, Kind kind, @Nullable Unit unit, List<String> options, @Nullable BigDecimal constant) {
            Symbol symbol = new Symbol(name, kind, symbols.size(), unit, new ArrayList<>(options), constant);
            if (symbols.put(name, symbol) != null) {
                throw new IllegalArgumentException("two things are called " + name);
            }
            return this;
        }
    }
}
