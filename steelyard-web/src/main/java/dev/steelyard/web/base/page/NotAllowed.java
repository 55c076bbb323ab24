package dev.steelyard.web.base.page;

import java.io.Serial;

/** What was asked for is not for whoever asked; the message is shown to them. */
public final class NotAllowed extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    public NotAllowed(String message) {
        super(message);
    }
}
