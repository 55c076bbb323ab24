package dev.steelyard.core.card;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What is done to a line after its ladder.
 *
 * @param setUp charge once per line; none for none
 * @param minimum the least a line comes to; none for no minimum
 */
public record Finish(@Nullable BigDecimal setUp, @Nullable BigDecimal minimum) {

    public static final Finish PLAIN = new Finish(null, null);
}
