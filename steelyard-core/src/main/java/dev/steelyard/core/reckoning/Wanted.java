package dev.steelyard.core.reckoning;

/**
 * Asked again and again inside long work: whether anybody still wants its answer. Whoever asks for the work says by what
 * that is told, a clock or a line that was cut; the core has neither.
 */
@FunctionalInterface
public interface Wanted {

    /** Whatever it takes. */
    Wanted ALWAYS = () -> true;

    boolean still();

    /** @throws NoLongerWanted where it is not */
    default void check() {
        if (!still()) {
            throw new NoLongerWanted();
        }
    }
}
