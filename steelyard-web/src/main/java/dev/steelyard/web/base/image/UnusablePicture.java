package dev.steelyard.web.base.image;

import java.io.Serial;

/** An upload cannot be used; the message says what was given and what is allowed. */
public final class UnusablePicture extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    UnusablePicture(String message) {
        super(message, null, false, false);
    }
}
