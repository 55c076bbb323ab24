package dev.steelyard.core.shared;

import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
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

    /**
     * One that is filled at once.
     *
     * @param expected about as many as will come
     */
    public static <K, V> Filling<K, V> filling(int expected) {
        return new Filling<>(expected);
    }

    /** A map that is being filled, by one thread; not to be used once it is done. */
    public static final class Filling<K, V> {

        private final Map<K, V>[] segments;
        private int size;

        @SuppressWarnings({"unchecked", "rawtypes"}) // arrays know no type parameters
        private Filling(int expected) {
            int count = Math.min(MOST_SEGMENTS, Integer.highestOneBit(Math.max(1, expected / ROOM)));
            this.segments = (Map<K, V>[]) new Map[count];
            int most = (4 * (expected / count) + 2) / 3; // as large as most of them grow to, at once
            for (int i = 0; i < count; i++) {
                segments[i] = new HashMap<>(most);
            }
        }

        /** What was there before; none where nothing was. */
        public @Nullable V put(K key, V value) {
            V before = segments[place(key, segments.length)].put(key, value);
            size += before == null ? 1 : 0;
            return before;
        }

        public SharedMap<K, V> done() {
            return new SharedMap<>(segments, size);
        }
    }

    public static <K, V> SharedMap<K, V> of(Map<K, V> entries) {
        Filling<K, V> filling = filling(entries.size());
        entries.forEach(filling::put);
        return filling.done();
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
        Filling<K, V> all = filling(size);
        entries().forEach(entry -> all.put(entry.getKey(), entry.getValue()));
        return all.done();
    }

    private int place(K key) {
        return place(key, segments.length);
    }

    private static int place(Object key, int segments) {
        // the upper bits: a segment itself goes by the lower ones
        return (int) (Integer.toUnsignedLong(key.hashCode() * SPREAD) * segments >>> Integer.SIZE);
    }
}
