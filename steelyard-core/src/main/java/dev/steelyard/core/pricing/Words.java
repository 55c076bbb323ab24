package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;

/** The sentences of a reckoning. */
final class Words {

    private Words() {}

    /** “12 pieces reach ‘from 10’ for Boatyard”, with the pieces of other lines named where they helped. */
    static String reaching(long quantity, long counted, Break reached) {
        String pieces = counted == 1 ? "1 piece reaches" : counted + " pieces reach";
        String sum = counted == quantity ? pieces : quantity + " here + " + (counted - quantity) + " more = " + pieces;
        String group = reached.group() == null ? "" : " for " + reached.group();
        return sum + " “from " + reached.from() + "”" + group + days(reached);
    }

    private static String days(Break reached) {
        String from = reached.validity().from() == null
                ? ""
                : ", since " + reached.validity().from();
        String until = reached.validity().until() == null
                ? ""
                : ", until " + reached.validity().until();
        return from + until;
    }
}
