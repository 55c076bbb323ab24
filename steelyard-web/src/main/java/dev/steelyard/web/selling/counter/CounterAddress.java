package dev.steelyard.web.selling.counter;

import java.net.URI;
import org.jspecify.annotations.Nullable;

/** Addresses within the counter. */
final class CounterAddress {

    private static final String HOME = "/counter";

    private CounterAddress() {}

    /** The path of a page of the counter to go back to; its front page for anything else. */
    static String pathOf(@Nullable String address) {
        if (address == null) {
            return HOME;
        }
        try {
            String path = URI.create(address).getRawPath();
            return path != null && (path.equals(HOME) || path.startsWith(HOME + "/")) && !path.contains("..")
                    ? path
                    : HOME;
        } catch (IllegalArgumentException noAddress) {
            return HOME;
        }
    }
}
