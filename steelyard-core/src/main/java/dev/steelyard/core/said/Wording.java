package dev.steelyard.core.said;

import java.util.Map;
import java.util.TreeMap;

/**
 * What an owner wrote, in the shop's own language and perhaps in others.
 *
 * @param own in the shop's own language; empty where nothing was written
 * @param language of that (BCP 47: {@code en}); empty where it is written in no other, and nobody said
 * @param others by language; none is empty
 */
public record Wording(String own, String language, Map<String, String> others) {

    public static final Wording NONE = new Wording("", "", Map.of());

    public Wording {
        Map<String, String> written = new TreeMap<>(others);
        written.values().removeIf(String::isBlank);
        others = Map.copyOf(written);
    }

    /** In the shop's own language alone. */
    public static Wording of(String own) {
        return own.isEmpty() ? NONE : new Wording(own, "", Map.of());
    }

    /** In a language; the shop's own where it is not written in that. */
    public String in(String wanted) {
        return others.getOrDefault(wanted, own);
    }

    /** The same with another text where nothing is written in the shop's own language. */
    public Wording or(String otherwise) {
        return own.isEmpty() ? new Wording(otherwise, language, others) : this;
    }

    /** Whether nothing is written in the shop's own language. */
    public boolean isEmpty() {
        return own.isEmpty();
    }

    /** Whether nothing that can be read is written in the shop's own language. */
    public boolean isBlank() {
        return own.isBlank();
    }

    /** The characters of its longest text. */
    public int length() {
        return others.values().stream().mapToInt(String::length).reduce(own.length(), Math::max);
    }

    /** In the shop's own language. */
    @Override
    public String toString() {
        return own;
    }
}
