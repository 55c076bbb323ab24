package dev.steelyard.web.sold.under;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.sold.lines.Counted;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A beam that what was sold is to be drawn under.
 *
 * @param of which goods, card or deal is meant
 * @param goods the SKUs of products that it is for, whose orders are drawn where nothing was sold by itself yet; none where
 *     that is not asked
 * @param counted as the ladder on the beam counts
 * @param thresholds of everyone's breaks, ascending, as they are typed now
 */
public record Hanging(
        Beam beam, Which.Of of, @Nullable Set<String> goods, Counted counted, List<BigDecimal> thresholds) {

    /** Everyone's, ascending. */
    public static List<BigDecimal> thresholds(List<Break> rows) {
        return rows.stream()
                .filter(row -> row.group() == null)
                .map(Break::from)
                .distinct()
                .sorted()
                .toList();
    }
}
