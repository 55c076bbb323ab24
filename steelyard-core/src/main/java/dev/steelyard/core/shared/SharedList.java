package dev.steelyard.core.shared;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.RandomAccess;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * A sorted list in parts of some hundreds. One with other elements shares the parts that stayed as they were, so that a change
 * costs as much as a part and not as much as the list; what is made of parts is kept with them ({@link PerPart}). Immutable.
 */
public final class SharedList<T> extends AbstractList<T> implements RandomAccess {

    private static final int ROOM = 512;

    private final List<List<T>> parts;
    private final int[] starts;

    private SharedList(List<List<T>> parts) {
        this.parts = List.copyOf(parts);
        this.starts = new int[this.parts.size() + 1];
        for (int i = 0; i < this.parts.size(); i++) {
            starts[i + 1] = starts[i] + this.parts.get(i).size();
        }
    }

    /** A list of these, which are in order. */
    public static <T> SharedList<T> of(List<? extends T> sorted) {
        List<List<T>> parts = new ArrayList<>();
        cut(sorted, parts);
        return new SharedList<>(parts);
    }

    /** A list of parts made elsewhere; none of them is empty. */
    public static <T> SharedList<T> ofParts(Stream<List<T>> parts) {
        return new SharedList<>(parts.toList());
    }

    private static <T> void cut(List<? extends T> elements, List<List<T>> into) {
        for (int from = 0; from < elements.size(); from += ROOM) {
            into.add(List.copyOf(elements.subList(from, Math.min(elements.size(), from + ROOM))));
        }
    }

    /** What it is made of: none is empty. */
    public List<List<T>> parts() {
        return parts;
    }

    @Override
    public T get(int index) {
        int low = 0;
        int high = parts.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (starts[middle] <= index) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        if (index < 0 || index >= size()) {
            throw new IndexOutOfBoundsException(index);
        }
        return parts.get(low).get(index - starts[low]);
    }

    @Override
    public int size() {
        return starts[parts.size()];
    }

    @Override
    public Iterator<T> iterator() {
        return stream().iterator();
    }

    @Override
    public Stream<T> stream() {
        return parts.stream().flatMap(List::stream);
    }

    /** What of one list is not in another. */
    public record Change<T>(List<T> gone, List<T> come) {}

    /** How another list differs from this one; by identity, so that what was read anew counts as changed. */
    public Change<T> to(SharedList<T> other) {
        Set<List<T>> ours = identities(parts);
        Set<List<T>> theirs = identities(other.parts);
        List<T> gone = of(parts, theirs);
        List<T> come = of(other.parts, ours);
        Set<T> before = identities(gone);
        Set<T> after = identities(come);
        return new Change<>(
                gone.stream().filter(one -> !after.contains(one)).toList(),
                come.stream().filter(one -> !before.contains(one)).toList());
    }

    private static <T> List<T> of(List<List<T>> parts, Set<List<T>> without) {
        return parts.stream()
                .filter(part -> !without.contains(part))
                .flatMap(List::stream)
                .toList();
    }

    private static <T> Set<T> identities(Collection<T> all) {
        Set<T> set = Collections.newSetFromMap(new IdentityHashMap<>());
        set.addAll(all);
        return set;
    }

    /** The elements of a part that go and come. */
    private record Edit<T>(List<T> gone, List<T> come) {}

    /**
     * This list after a change.
     *
     * @param order that it is sorted by, in which no two elements are equal
     * @throws IllegalArgumentException where something that goes is not there
     */
    public SharedList<T> after(Change<T> change, Comparator<? super T> order) {
        if (parts.isEmpty()) {
            return of(change.come().stream().sorted(order).toList());
        }
        Map<Integer, Edit<T>> edits = new TreeMap<>();
        change.gone().forEach(one -> edit(edits, one, order).gone().add(one));
        change.come().forEach(one -> edit(edits, one, order).come().add(one));
        List<List<T>> next = new ArrayList<>(parts.size() + 1);
        for (int i = 0; i < parts.size(); i++) {
            Edit<T> edit = edits.get(i);
            if (edit == null) {
                next.add(parts.get(i));
            } else {
                List<T> part = edited(parts.get(i), edit, order);
                if (part.size() > 2 * ROOM) {
                    cut(part, next);
                } else if (!part.isEmpty()) {
                    next.add(List.copyOf(part));
                }
            }
        }
        return new SharedList<>(next);
    }

    private Edit<T> edit(Map<Integer, Edit<T>> edits, T one, Comparator<? super T> order) {
        int low = 0;
        int high = parts.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (order.compare(parts.get(middle).get(0), one) <= 0) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return edits.computeIfAbsent(low, any -> new Edit<>(new ArrayList<>(), new ArrayList<>()));
    }

    private static <T> List<T> edited(List<T> part, Edit<T> edit, Comparator<? super T> order) {
        Set<T> gone = identities(edit.gone());
        List<T> left = new ArrayList<>(part.size() + edit.come().size());
        for (T one : part) {
            if (!gone.remove(one)) {
                left.add(one);
            }
        }
        if (!gone.isEmpty()) {
            throw new IllegalArgumentException(
                    "not in the list: " + gone.iterator().next());
        }
        left.addAll(edit.come());
        left.sort(order);
        return left;
    }
}
