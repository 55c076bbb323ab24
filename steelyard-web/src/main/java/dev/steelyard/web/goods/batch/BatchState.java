package dev.steelyard.web.goods.batch;

/** Where a batch of price changes stands. */
public enum BatchState {
    READING("being read"),
    READY("to be looked at"),
    APPLYING("being applied"),
    APPLIED("applied"),
    UNDOING("being undone"),
    UNDONE("undone"),
    FAILED("could not be read"),
    CANCELLED("cancelled");

    private final String words;

    BatchState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether something works on it in the background. */
    public boolean isRunning() {
        return this == READING || isWriting();
    }

    /** Whether its rows are being applied or taken back. */
    public boolean isWriting() {
        return this == APPLYING || this == UNDOING;
    }
}
