package dev.steelyard.web.selling.checkout;

import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.selling.payment.CardNumber;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.words.Words;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The checkout form as typed.
 *
 * @param key made when the form was first shown; one order comes of one key
 * @param payment the way of paying, by its word; by card where it is none that there is
 * @param seen the prices the shopper saw, as {@link SeenPrices} writes them
 */
record CheckoutForm(
        @Nullable String key,
        @Nullable String seen,
        @Nullable String name,
        @Nullable String email,
        @Nullable String payment,
        @Nullable String card) {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_EMAIL = 254;

    /** What is wrong, by field; empty where nothing is. @param method none where the way is not offered */
    Map<String, String> faults(@Nullable PaymentMethod method) {
        Map<String, String> faults = new LinkedHashMap<>();
        Words words = ShopperWords.now();
        String who = text(name);
        if (who.isEmpty() || who.length() > LONGEST_NAME) {
            faults.put("name", words.text("checkout.name-missing", "most", LONGEST_NAME));
        }
        String address = text(email);
        if (!isAddress(address)) {
            faults.put(
                    "email",
                    address.isEmpty()
                            ? words.text("checkout.email-missing")
                            : words.text("checkout.no-email", "typed", shortened(address)));
        }
        if (method == null) {
            faults.put("payment", words.text("checkout.not-offered", "typed", shortened(label())));
        } else if (method.atOnce() && cardNumber().isEmpty()) {
            faults.put("card", words.text("checkout.card-number"));
        }
        return faults;
    }

    /** Only for a form without faults. */
    Buyer buyer(PaymentMethod method) {
        return new Buyer(
                text(name), text(email), method, method.atOnce() ? cardNumber().orElseThrow() : null);
    }

    /** The word of how it is to be paid. */
    String label() {
        return text(payment).isEmpty() ? PaymentMethod.CARD : text(payment);
    }

    /** The e-mail, where what is typed is one; else empty. */
    String knownEmail() {
        return isAddress(text(email)) ? text(email) : "";
    }

    private static boolean isAddress(String address) {
        return address.length() <= LONGEST_EMAIL && address.matches("[^@\\s]+@[^@\\s]+\\.[^@\\s]+");
    }

    String keyText() {
        return text(key);
    }

    String seenText() {
        return text(seen);
    }

    private Optional<CardNumber> cardNumber() {
        return CardNumber.read(text(card));
    }

    private static String text(@Nullable String typed) {
        return Pasted.stripped(Objects.requireNonNullElse(typed, ""));
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
