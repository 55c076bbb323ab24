package dev.steelyard.core.deal;

import dev.steelyard.core.said.Fact;

/** What came of looking whether a deal qualifies. */
sealed interface Checked permits Ready, Checked.Not {

    /** It does not, and why. */
    record Not(Dealt.Why why, Fact detail) implements Checked {}
}
