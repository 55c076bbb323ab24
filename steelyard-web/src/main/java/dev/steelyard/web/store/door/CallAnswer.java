package dev.steelyard.web.store.door;

import org.jspecify.annotations.Nullable;

/**
 * What a call is told, as JSON, with status 200.
 *
 * @param language of its texts, by BCP 47; none where it has none
 * @param written the body as JSON, where it was written before; none else
 */
public record CallAnswer<T>(T body, @Nullable String language, byte @Nullable [] written) {

    public CallAnswer(T body, @Nullable String language) {
        this(body, language, null);
    }
}
