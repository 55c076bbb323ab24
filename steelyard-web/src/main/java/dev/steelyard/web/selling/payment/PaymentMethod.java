package dev.steelyard.web.selling.payment;

import dev.steelyard.words.FirstLetter;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A way to pay.
 *
 * @param label the word by which deals and orders name it
 * @param title the word for people
 * @param atOnce whether the payment service takes the money at once
 * @param own whether the shop made it
 * @param on whether it is offered at all
 * @param countries where goods may go to, by ISO 3166 code; empty for anywhere
 * @param groups customers who may; empty for everybody
 */
public record PaymentMethod(
        String label,
        String title,
        boolean atOnce,
        boolean own,
        boolean on,
        Set<String> countries,
        Set<String> groups) {

    /** The word of the payment service's. */
    public static final String CARD = "card";

    public PaymentMethod {
        countries = Set.copyOf(countries);
        groups = Set.copyOf(groups);
    }

    /** What shoppers read: the shop's own words, or those of the language for one that Steelyard knows. */
    public String title(Words words) {
        return own || words.language() == Language.ENGLISH ? title : FirstLetter.large(words.payment(label));
    }

    /** Whether it is offered to whoever orders. @param group none for a guest */
    public boolean isOffered(String country, @Nullable String group) {
        return on
                && (countries.isEmpty() || countries.contains(country))
                && (groups.isEmpty() || group != null && groups.contains(group));
    }
}
