package dev.steelyard.core.card;

import dev.steelyard.core.said.Wording;
import org.jspecify.annotations.Nullable;

/** Something the shopper is asked. */
public sealed interface Ask permits Measurement, Choice {

    /** The word formulas, files and answers use for it. */
    String name();

    /** What the shopper reads. */
    Wording label();

    /** A condition over asks above it, on which it is asked at all; none for always. */
    @Nullable
    String shownWhen();
}
