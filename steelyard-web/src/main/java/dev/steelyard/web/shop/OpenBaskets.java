package dev.steelyard.web.shop;

import dev.steelyard.core.tax.TaxRules;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The baskets that shoppers have open, for whoever is about to change what they would pay. */
public interface OpenBaskets {

    /**
     * What one of them comes to, and would come to; none where it cannot be ordered.
     *
     * @param lines how many things are in it
     */
    record Compared(int lines, @Nullable BigDecimal now, @Nullable BigDecimal then) {}

    /** The latest few, with something in them. @param then the rules of tax there would be */
    List<Compared> under(@Nullable TaxRules then, int most);
}
