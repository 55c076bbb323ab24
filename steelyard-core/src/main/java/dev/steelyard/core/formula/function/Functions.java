package dev.steelyard.core.formula.function;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All functions of the formula language, in the order of its documentation. */
public final class Functions {

    private static final List<FormulaFunction> ALL = List.of(
            new If(),
            new And(),
            new Or(),
            new Not(),
            new Min(),
            new Max(),
            new Sum(),
            new Abs(),
            new Int(),
            new Round(),
            new RoundUp(),
            new RoundDown(),
            new Ceiling(),
            new Floor(),
            new Mod(),
            new Sqrt(),
            new Pi());

    private static final Map<String, FormulaFunction> BY_NAME =
            ALL.stream().collect(Collectors.toMap(FormulaFunction::name, Function.identity()));

    private Functions() {}

    public static List<FormulaFunction> all() {
        return ALL;
    }

    /** The function of a name in capitals. */
    public static Optional<FormulaFunction> find(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }
}
