package dev.steelyard.core.card;

import java.util.List;
import java.util.stream.Stream;

/**
 * The ways to price a piece, tried from the top: the first whose condition holds is used, else the last, which has none.
 * So exactly one always fires.
 */
public record Cases(List<Conditional> first, Case otherwise) {

    public Cases {
        first = List.copyOf(first);
    }

    /** One case, always used. */
    public static Cases always(Case only) {
        return new Cases(List.of(), only);
    }

    /** All of them in order, the one without a condition last. */
    public List<Case> all() {
        return Stream.concat(first.stream().map(Conditional::then), Stream.of(otherwise))
                .toList();
    }

    /** A case that is used only where a condition over the answers holds. */
    public record Conditional(String when, Case then) {}
}
