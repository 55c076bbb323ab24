package dev.steelyard.web.base.page;

import java.io.Serial;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** What was asked for is not there; the message is shown to the person who asked. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public final class NotThere extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    public NotThere(String message) {
        super(message);
    }

    /** A sheet or an action. */
    public static NotThere batch(long id) {
        return new NotThere("There is no sheet or action with the number " + id + ".");
    }
}
