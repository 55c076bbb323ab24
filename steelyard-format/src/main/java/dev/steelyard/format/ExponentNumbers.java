package dev.steelyard.format;

import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.util.JsonParserDelegate;

/**
 * Hands numbers with an exponent on as what they are: neither numbers nor texts, so that whoever reads one refuses it at
 * its place. Read as numbers, 1e-7 could not be told from 0.0000001, and 1e9999999992 could not be held.
 */
final class ExponentNumbers extends JsonParserDelegate {

    ExponentNumbers(JsonParser parser) {
        super(parser);
    }

    /** A number as it was written. */
    record Exponent(String text) {

        @Override
        public String toString() {
            return text;
        }
    }

    private @Nullable JsonToken seen(@Nullable JsonToken token) {
        return token == JsonToken.VALUE_NUMBER_FLOAT && exponent() ? JsonToken.VALUE_EMBEDDED_OBJECT : token;
    }

    private boolean exponent() {
        String text = delegate.getString();
        return text.indexOf('e') >= 0 || text.indexOf('E') >= 0;
    }

    @Override
    public @Nullable JsonToken nextToken() {
        return seen(super.nextToken());
    }

    @Override
    public @Nullable JsonToken currentToken() {
        return seen(super.currentToken());
    }

    @Override
    public int currentTokenId() {
        JsonToken token = currentToken();
        return token == null ? super.currentTokenId() : token.id();
    }

    @Override
    public Object getEmbeddedObject() {
        return delegate.currentToken() == JsonToken.VALUE_NUMBER_FLOAT
                ? new Exponent(delegate.getString())
                : super.getEmbeddedObject();
    }
}
