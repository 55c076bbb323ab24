package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.ast.Symbol;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** The values of one run: what changes from one price to the next. Not shared between threads. */
public final class Frame {

    private final Scope scope;
    private final @Nullable BigDecimal[] numbers;
    private final long[] quick;
    private final String[] texts;

    /** A frame in which nothing has a value yet: numbers are missing, texts empty. */
    public Frame(Scope scope) {
        this.scope = scope;
        this.numbers = new BigDecimal[scope.symbols().size()];
        this.quick = new long[numbers.length];
        this.texts = new String[numbers.length];
        Arrays.fill(quick, Packed.NONE);
        Arrays.fill(texts, "");
    }

    /** Gives a measurement or built-in name its value, in base units. */
    public Frame set(String name, BigDecimal value) {
        return set(symbol(name).slot(), value);
    }

    /** Gives a choice its option; empty where it is left open or not shown. */
    public Frame set(String name, String option) {
        texts[symbol(name).slot()] = option;
        return this;
    }

    /** The same by the symbol's slot, looked up once by who sets many values. */
    public Frame set(int slot, BigDecimal value) {
        numbers[slot] = value;
        quick[slot] = Packed.of(value);
        return this;
    }

    /** The same for a choice. */
    public Frame set(int slot, String option) {
        texts[slot] = option;
        return this;
    }

    /** The value at a slot; none where it has none yet. */
    public @Nullable BigDecimal number(int slot) {
        return numbers[slot];
    }

    /** The value at a slot packed; {@link Packed#NONE} where it has none that is short. */
    long quick(int slot) {
        return quick[slot];
    }

    /** The option at a slot; empty where there is none. */
    public String text(int slot) {
        return texts[slot];
    }

    private Symbol symbol(String name) {
        return scope.find(name).orElseThrow(() -> new IllegalArgumentException("nothing is called " + name));
    }
}
