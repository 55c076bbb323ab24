package dev.steelyard.core.pricing;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.said.Fact;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What a ladder makes of a line, before charges per line, set-up and minimum.
 *
 * @param sum of all pieces
 * @param perPiece the price of one piece, rounded by R2; none where pieces differ in price
 * @param reached the break that counts; none below the first
 * @param detail how the sum came about; none where nobody asked
 */
record Laddered(BigDecimal sum, @Nullable Money perPiece, @Nullable Break reached, @Nullable Fact detail) {}
