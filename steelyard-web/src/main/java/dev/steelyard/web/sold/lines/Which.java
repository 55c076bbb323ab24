package dev.steelyard.web.sold.lines;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which of what was sold is meant.
 *
 * @param of what it is of
 * @param group whose prices they had; empty for any, {@link #EVERYONE} for those in none
 * @param where sold anywhere, at the counter, or in the owner's own store
 * @param from the first day; none for since ever
 * @param until the last day; none for until now
 */
public record Which(Of of, String group, Where where, @Nullable LocalDate from, @Nullable LocalDate until) {

    public static final String EVERYONE = "Everyone";

    public static final Which ALL = new Which(Of.ALL, "", Where.ANYWHERE, null, null);

    /** Where orders were sold. */
    public enum Where {
        ANYWHERE,
        COUNTER,
        STORE;

        /** None for a word that is none of these. */
        public static Optional<Where> read(String word) {
            for (Where one : values()) {
                if (one.name().equals(word.toUpperCase(Locale.ROOT))) {
                    return Optional.of(one);
                }
            }
            return Optional.empty();
        }
    }

    /**
     * The shop, a product, a card or a deal.
     *
     * @param sku of a product; empty for others
     * @param id of a card or deal; 0 for others
     */
    public record Of(Kind kind, String sku, long id) {

        public static final Of ALL = new Of(Kind.SHOP, "", 0);

        public static Of product(String sku) {
            return new Of(Kind.PRODUCT, sku, 0);
        }

        public static Of card(long id) {
            return new Of(Kind.CARD, "", id);
        }

        /** Orders in which the deal was used. */
        public static Of deal(long id) {
            return new Of(Kind.DEAL, "", id);
        }
    }

    /** What kind of thing is meant. */
    public enum Kind {
        SHOP,
        PRODUCT,
        CARD,
        DEAL
    }

    public Which at(Where other) {
        return new Which(of, group, other, from, until);
    }

    public Which of(Of other) {
        return new Which(other, group, where, from, until);
    }

    public Which within(@Nullable LocalDate first, @Nullable LocalDate last) {
        return new Which(of, group, where, first, last);
    }
}
