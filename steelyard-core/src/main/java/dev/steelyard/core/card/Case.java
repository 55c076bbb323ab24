package dev.steelyard.core.card;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A way to price a piece, with what is charged beside it.
 *
 * @param base charge per piece; none for none
 */
public record Case(PiecePrice piece, @Nullable BigDecimal base) {

    /** A case without a base charge. */
    public static Case of(PiecePrice piece) {
        return new Case(piece, null);
    }
}
