package dev.steelyard.core.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Wording;
import org.jspecify.annotations.Nullable;

/**
 * A reduction that looks at the whole basket, or a charge for a way of paying.
 *
 * @param name for the owner
 * @param words for the shopper; the name where there are none
 * @param combine whether it adds up with others
 * @param terms what its amounts are, with or without tax
 * @param oneOf the name of a set of which only the deal that takes most off counts; none for no such set. Only deals that
 *     add up
 * @param language in which it is written (BCP 47); empty where nobody said
 */
public record Deal(
        String name,
        Wording words,
        CardState state,
        Conditions conditions,
        Combine combine,
        Terms terms,
        @Nullable String oneOf,
        Gives gives,
        String language) {

    /** A live deal without conditions that adds up with others, its amounts as the shop's prices. */
    public static Deal of(String name, Gives gives) {
        return new Deal(
                name,
                Wording.of(name),
                CardState.LIVE,
                Conditions.NONE,
                Combine.ADDS_UP,
                Terms.AS_PRICES,
                null,
                gives,
                "");
    }

    /** The same under other conditions. */
    public Deal when(Conditions other) {
        return new Deal(name, words, state, other, combine, terms, oneOf, gives, language);
    }

    /** The same in another state. */
    public Deal in(CardState other) {
        return new Deal(name, words, other, conditions, combine, terms, oneOf, gives, language);
    }

    /** The same, used alone or with others. */
    public Deal combined(Combine other) {
        return new Deal(name, words, state, conditions, other, terms, oneOf, gives, language);
    }

    /** The same with amounts in other terms. */
    public Deal amounts(Terms other) {
        return new Deal(name, words, state, conditions, combine, other, oneOf, gives, language);
    }

    /** The same as one of a set, or of none. */
    public Deal oneOf(@Nullable String set) {
        return new Deal(name, words, state, conditions, combine, terms, set, gives, language);
    }

    /** As facts name it. */
    public Part called() {
        return new Part.Called(name, words);
    }

    /** Whether a code must be typed for it. */
    public boolean asksForCode() {
        return conditions.code() != null || conditions.codeList() != null;
    }

    /** Whether it adds to the price: a charge for a way of paying. */
    public boolean charges() {
        return gives instanceof Gives.ByPayment payment && payment.amount().signum() < 0;
    }

    /** The goods it acts on: no basket without one of them can have it. */
    public GoodsSet acted() {
        if (gives instanceof Gives.OnLadder ladder) {
            return ladder.goods();
        }
        return gives instanceof Gives.BuyAndGet both ? both.get() : GoodsSet.EVERYTHING;
    }

    /** Whether it goes with other deals. */
    public enum Combine {
        /** Together with all others that add up, each on what the ones before it left. */
        ADDS_UP,
        /** Only where no other deal is used. */
        STANDS_ALONE
    }

    /** What amounts of money in a deal are. */
    public enum Terms {
        /** As the shop's prices are. */
        AS_PRICES,
        WITH_TAX,
        WITHOUT_TAX
    }
}
