package dev.steelyard.core.card;

/**
 * A condition over all answers that must hold.
 *
 * @param that a formula that comes to yes or no
 * @param say what the shopper reads where it does not hold
 */
public record JointLimit(String that, String say) {}
