package dev.steelyard.core.shared;

import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A map in segments by the hash of its keys. One with other entries shares the segments that stayed as they were; a segment is a
 * plain hash map, so that looking something up costs what it costs there. Immutable.
 */
public final class SharedMap<K, V> {

    private static final int ROOM = 64;
    private static final int FULL = 4 * ROOM;
    private static final int MOST_SEGMENTS = 1 << 16;
    private static final int SPREAD = 0x9E3779B9; // 2^32 over the golden ratio (Knuth, TAOCP 3, 6.4): neighbours part

    private final Map<K, V>[] segments;
    private final int size;

    private SharedMap(Map<K, V>[] segments, int size) {
        this.segments = segments;
        this.size = size;
    }

    public static <K, V> SharedMap<K, V> of(Map<K, V> entries) {
        int segments = Math.min(MOST_SEGMENTS, Integer.highestOneBit(Math.max(1, entries.size() / ROOM)));
        @SuppressWarnings({"unchecked", "rawtypes"}) // arrays know no type parameters
        SharedMap<K, V> empty = new SharedMap<>((Map<K, V>[]) new Map[segments], 0);
        for (int i = 0; i < segments; i++) {
            empty.segments[i] = Map.of();
        }
        return empty.after(List.of(), entries);
    }

    public @Nullable V get(K key) {
        return segments[place(key)].get(key);
    }

    public int size() {
        return size;
    }

    /** Everything in it, in no order. */
    public Stream<Map.Entry<K, V>> entries() {
        return Stream.of(segments).flatMap(segment -> segment.entrySet().stream());
    }

    /** This map without some keys and with some entries, which may have the same ones. */
    public SharedMap<K, V> after(Collection<K> gone, Map<K, V> come) {
        Map<K, V>[] next = segments.clone();
        BitSet copied = new BitSet();
        int count = size;
        for (K key : gone) {
            count -= ours(next, place(key), copied).remove(key) == null ? 0 : 1;
        }
        for (Map.Entry<K, V> entry : come.entrySet()) {
            count += ours(next, place(entry.getKey()), copied).put(entry.getKey(), entry.getValue()) == null ? 1 : 0;
        }
        SharedMap<K, V> map = new SharedMap<>(next, count);
        return count > FULL * next.length && next.length < MOST_SEGMENTS ? map.wider() : map;
    }

    private static <K, V> Map<K, V> ours(Map<K, V>[] segments, int place, BitSet copied) {
        if (!copied.get(place)) {
            segments[place] = new HashMap<>(segments[place]);
            copied.set(place);
        }
        return segments[place];
    }

    private SharedMap<K, V> wider() {
        Map<K, V> all = new HashMap<>();
        entries().forEach(entry -> all.put(entry.getKey(), entry.getValue()));
        return of(all);
    }

    private int place(K key) {
        // the upper bits: a segment itself goes by the lower ones
        return (int) (Integer.toUnsignedLong(key.hashCode() * SPREAD) * segments.length >>> Integer.SIZE);
    }
}
