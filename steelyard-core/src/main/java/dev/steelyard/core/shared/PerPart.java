package dev.steelyard.core.shared;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Something made of each part of a list, kept for as long as the part stays as it is. Made when it is first asked for. Safe to
 * share between threads.
 */
public final class PerPart<T, R> {

    private final List<List<T>> parts;
    private final Map<List<T>, Made<T, R>> made = new IdentityHashMap<>();
    private final Function<List<T>, R> how;

    private PerPart(List<List<T>> parts, Function<List<T>, R> how, Map<List<T>, Made<T, R>> before) {
        this.parts = parts;
        this.how = how;
        for (List<T> part : parts) {
            Made<T, R> there = before.get(part);
            made.put(part, there == null ? new Made<>() : there);
        }
    }

    private static final class Made<T, R> {
        private volatile @Nullable R what;

        R of(List<T> part, Function<List<T>, R> how) {
            R now = what;
            if (now == null) {
                synchronized (this) {
                    now = what;
                    if (now == null) {
                        now = Objects.requireNonNull(how.apply(part));
                        what = now;
                    }
                }
            }
            return now;
        }
    }

    /** @param how of one part; not dependent on anything but it */
    public static <T, R> PerPart<T, R> of(SharedList<T> list, Function<List<T>, R> how) {
        return new PerPart<>(list.parts(), how, Map.of());
    }

    /** The same of a list that shares parts with this one. */
    public PerPart<T, R> next(SharedList<T> list) {
        return list.parts() == parts ? this : new PerPart<>(list.parts(), how, made);
    }

    /** What was made, in the order of the parts. */
    public Stream<R> all() {
        return parts.stream().map(part -> Objects.requireNonNull(made.get(part)).of(part, how));
    }
}
