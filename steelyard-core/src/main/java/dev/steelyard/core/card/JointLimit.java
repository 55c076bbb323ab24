package dev.steelyard.core.card;

import dev.steelyard.core.said.Wording;

/**
 * A condition over all answers that must hold.
 *
 * @param that a formula that comes to yes or no
 * @param say what the shopper reads where it does not hold
 */
public record JointLimit(String that, Wording say) {

    /** Said in the shop's own language alone. */
    public JointLimit(String that, String say) {
        this(that, Wording.of(say));
    }
}
