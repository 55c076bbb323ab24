package dev.steelyard.core.shared;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Something made of each part of whichever list was asked about last: the next one's unchanged parts are not made anew. */
public final class LatestParts<T, R> {

    private final Function<List<T>, R> how;
    private volatile @Nullable PerPart<T, R> held;

    /** @param how of one part; not dependent on anything but it */
    public LatestParts(Function<List<T>, R> how) {
        this.how = how;
    }

    /** What is made of each part, in order. */
    public Stream<R> of(SharedList<T> list) {
        PerPart<T, R> now = held;
        PerPart<T, R> next = now == null ? PerPart.of(list, how) : now.next(list);
        held = next;
        return next.all();
    }
}
