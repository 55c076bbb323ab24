package dev.steelyard.core.deal;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.number.Pasted;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * For whom, when and on what else a deal depends.
 *
 * @param code to be typed; none where it needs none. Outer spaces and case do not matter
 * @param codeList the name of a list of codes, one of which must be typed; none where it needs none. The codes, and how
 *     often each counts, stand with the shop
 * @param payment the payment method that must be picked; none for any
 * @param contains what the basket must contain, all of it
 */
public record Conditions(
        Audience audience,
        Times times,
        @Nullable String code,
        @Nullable String codeList,
        @Nullable String payment,
        List<Contained> contains) {

    public static final Conditions NONE = new Conditions(Audience.EVERYONE, Times.ALWAYS, null, null, null, List.of());

    public Conditions {
        contains = List.copyOf(contains);
    }

    /** Whether some customer at some moment may fit both. */
    public boolean meets(Conditions other) {
        return audience.meets(other.audience)
                && times.meets(other.times)
                && (payment == null || other.payment == null || payment.equals(other.payment));
    }

    /** Whether this asks for nothing that another does not ask for too. */
    public boolean takesAllOf(Conditions other) {
        return audience.takesAllOf(other.audience)
                && times.takesAllOf(other.times)
                && (code == null || other.code != null && normal(code).equals(normal(other.code)))
                && (codeList == null || codeList.equals(other.codeList))
                && (payment == null || payment.equals(other.payment))
                && other.contains.containsAll(contains);
    }

    /** Only with a code. */
    public static Conditions code(String code) {
        return new Conditions(Audience.EVERYONE, Times.ALWAYS, code, null, null, List.of());
    }

    /** Only with one of a list of codes. */
    public static Conditions codeList(String list) {
        return new Conditions(Audience.EVERYONE, Times.ALWAYS, null, list, null, List.of());
    }

    /** Only with a payment method. */
    public static Conditions payment(String payment) {
        return new Conditions(Audience.EVERYONE, Times.ALWAYS, null, null, payment, List.of());
    }

    /** Only for some. */
    public static Conditions audience(Audience audience) {
        return new Conditions(audience, Times.ALWAYS, null, null, null, List.of());
    }

    /** The same at other times. */
    public Conditions at(Times other) {
        return new Conditions(audience, other, code, codeList, payment, contains);
    }

    /** So many pieces of some goods. */
    public record Contained(GoodsSet goods, long pieces) {}

    /** A code as it is compared. */
    public static String normal(String typed) {
        return Pasted.stripped(typed).toUpperCase(Locale.ROOT);
    }
}
