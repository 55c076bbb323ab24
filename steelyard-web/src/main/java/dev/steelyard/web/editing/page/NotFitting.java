package dev.steelyard.web.editing.page;

/** A wish that does not fit what is there; the message is a sentence for whoever wished it. */
public final class NotFitting extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotFitting(String message) {
        super(message, null, false, false);
    }

    /** With its full stop, unless it ends in a question. */
    public String sentence() {
        String words = String.valueOf(getMessage());
        return words.endsWith("?") ? words : words + ".";
    }
}
