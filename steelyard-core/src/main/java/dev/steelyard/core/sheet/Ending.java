package dev.steelyard.core.sheet;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Optional;

/** How prices that are worked out shall end. A price half way between two endings goes up. */
public enum Ending {
    /** As it comes, rounded to the decimals of the price. */
    NONE("as it comes", "0", "0"),
    WHOLE(".00", "1", "0"),
    NINETY(".90", "1", "0.90"),
    NINETY_FIVE(".95", "1", "0.95"),
    NINETY_NINE(".99", "1", "0.99"),
    HALVES(".00 or .50", "0.50", "0"),
    TENS("whole ten cents", "0.10", "0"),
    FIVES("whole five cents", "0.05", "0"),
    NINES("a 9 at the end", "0.10", "0.09");

    private final String words;
    private final BigDecimal every;
    private final BigDecimal at;

    Ending(String words, String every, String at) {
        this.words = words;
        this.every = new BigDecimal(every);
        this.at = new BigDecimal(at);
    }

    public String words() {
        return words;
    }

    /** The distance between two such prices; 0 where any may be. */
    BigDecimal every() {
        return every;
    }

    /** The least such price. */
    BigDecimal at() {
        return at;
    }

    public static Optional<Ending> of(String name) {
        return Arrays.stream(values()).filter(one -> one.name().equals(name)).findFirst();
    }
}
