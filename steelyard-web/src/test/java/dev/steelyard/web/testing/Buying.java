package dev.steelyard.web.testing;

import dev.steelyard.web.testing.Http.Answer;

/** A shopper at the checkout. */
public final class Buying {

    private Buying() {}

    /** Orders what is in the basket, as the checkout's form showed it, with a card that is approved. */
    public static Answer pay(Http shopper, Answer form) {
        return pay(shopper, form, "5000 1111 2222 3331");
    }

    /** The same with a card of any number. */
    public static Answer pay(Http shopper, Answer form, String card) {
        return order(shopper, form, "card", card);
    }

    /** The same, paid in another way. */
    public static Answer order(Http shopper, Answer form, String way, String card) {
        return shopper.post(
                "/counter/checkout",
                "key",
                form.field("key"),
                "seen",
                form.field("seen"),
                "name",
                "Ada Quill",
                "email",
                "ada@example.org",
                "payment",
                way,
                "card",
                card);
    }
}
