package dev.steelyard.core.said;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/** What is said; each of the closed lists below has its part names, which messages put in. */
public sealed interface Code permits Refusal, Told, DealSays, FindingSays {

    /** The constant's name. */
    String name();

    /** The names of its parts, in their order. */
    List<String> parts();

    /** Which of the lists it is of: {@code refusal}. */
    String list();

    /** A word for it within its list: {@code too-small}. */
    default String text() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As written in files and answers: {@code refusal.too-small}. */
    default String id() {
        return Objects.requireNonNull(CodesById.IDS.get(this));
    }

    /** The code that is written so; none for any other text. */
    static Optional<Code> of(String id) {
        return Optional.ofNullable(CodesById.BY_ID.get(id));
    }
}
