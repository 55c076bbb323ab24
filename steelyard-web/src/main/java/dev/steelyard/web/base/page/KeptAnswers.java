package dev.steelyard.web.base.page;

import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** Answers that take long, of each question the last one, for as long as what it was made of is the same. */
public final class KeptAnswers<Q, V> {

    private final Map<Q, Answer<V>> last = new ConcurrentHashMap<>();

    private record Answer<V>(Object madeOf, V value) {}

    /** @param madeOf all that the answer depends on, compared by what it equals */
    public V of(Q question, Object madeOf, Supplier<V> how) {
        Answer<V> kept = last.get(question);
        if (kept == null || !kept.madeOf().equals(madeOf)) {
            kept = new Answer<>(madeOf, Objects.requireNonNull(how.get()));
            last.put(question, kept);
        }
        return kept.value();
    }
}
