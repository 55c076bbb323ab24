package dev.steelyard.web.selling.counter;

import java.time.Instant;

/** What came of typing a code. */
sealed interface CodeAnswer {

    /** Some deal asks for it; whether that deal then counts is another question. */
    record Taken(String code) implements CodeAnswer {}

    /** No deal asks for it. */
    record Unknown(String typed) implements CodeAnswer {}

    /** There are as many codes as a basket takes. */
    record Full(int most) implements CodeAnswer {}

    /** Too many were wrong; more may be tried from a moment on. */
    record TooMany(Instant again) implements CodeAnswer {}
}
