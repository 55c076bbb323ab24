package dev.steelyard.web.testing;

import dev.steelyard.web.testing.Http.Answer;

/** A shopper at the checkout. */
public final class Buying {

    private Buying() {}

    /** Orders what is in the basket, as the checkout's form showed it. */
    public static Answer pay(Http shopper, Answer form) {
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
                "card",
                "5000 1111 2222 3331");
    }
}
