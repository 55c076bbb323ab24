package dev.steelyard.web.sold.lines;

/**
 * By what lines are told apart.
 *
 * @param ask the name of what was asked; empty for others
 */
public record By(What what, String ask) {

    /** What lines can be told apart by. */
    public enum What {
        PRODUCT,
        VARIANT,
        CARD,
        /** The break that counted then, of each card. */
        BREAK,
        /** What was answered to an ask: an option, or a measurement as it was typed. */
        ANSWER,
        PACK,
        GROUP,
        MONTH
    }

    public static By of(What what) {
        return new By(what, "");
    }

    public static By answer(String ask) {
        return new By(What.ANSWER, ask);
    }
}
