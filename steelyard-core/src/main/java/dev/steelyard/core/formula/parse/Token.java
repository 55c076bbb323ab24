package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Span;
import org.jspecify.annotations.Nullable;

/**
 * A word of a formula.
 *
 * @param text a sign or name as written
 * @param literal the number or text it is; none for signs and names
 */
record Token(Type type, String text, Span span, @Nullable Node literal) {

    enum Type {
        LITERAL,
        NAME,
        SIGN,
        END
    }

    boolean is(String sign) {
        return type == Type.SIGN && text.equals(sign);
    }
}
