package dev.steelyard.core.deal;

/** What came of looking whether a deal qualifies. */
sealed interface Checked permits Ready, Checked.Not {

    /** It does not, and why. */
    record Not(Dealt.Why why, String detail) implements Checked {}
}
