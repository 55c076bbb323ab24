package dev.steelyard.core.card;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Told;

/** Why a card that covers the goods does not price a line. */
public enum PassedOverFor {
    CUSTOMER(Told.OTHER_CUSTOMER),
    COUNTRY(Told.OTHER_COUNTRY),
    NOT_YET(Told.NOT_YET),
    NO_LONGER(Told.NO_LONGER),
    /** Another day of the week or time of day. */
    NOT_NOW(Told.NOT_NOW),
    PAUSED(Told.PAUSED);

    private final Fact said;

    PassedOverFor(Told told) {
        this.said = Fact.of(told);
    }

    /** The same as it is said. */
    public Fact said() {
        return said;
    }
}
