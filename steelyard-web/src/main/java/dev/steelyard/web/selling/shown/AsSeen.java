package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * Money as a shopper sees it: as prices are, or less the tax each figure contains, for show only (R5, half-up to the
 * decimals the figure is shown with).
 *
 * @param minor decimals of totals
 * @param rate of the tax to be taken out, in percent; none where figures are shown as they are
 * @param words of whoever sees it
 */
public record AsSeen(int minor, @Nullable BigDecimal rate, Words words) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** As prices are, for owners. */
    public static AsSeen asItIs(int minor) {
        return new AsSeen(minor, null, Words.owners());
    }

    /** As a customer sees the prices of an item. */
    public static AsSeen of(Item item, Customer customer, BookInForce book, Words words) {
        TaxRules tax = book.book().tax();
        boolean without = tax != null && tax.pricesInclude() && tax.seesWithout(customer.group());
        return new AsSeen(
                book.shop().minorDigits(),
                without ? tax.rate(customer.country(), item.product().traits().taxClass()) : null,
                words);
    }

    /** Whether a customer sees prices without tax: their group does, or all prices are so. */
    public static boolean withoutTax(Customer customer, BookInForce book) {
        TaxRules tax = book.book().tax();
        return tax != null && (!tax.pricesInclude() || tax.seesWithout(customer.group()));
    }

    /** A figure as it is seen, rounded where tax is taken out. */
    public BigDecimal of(BigDecimal money, int decimals) {
        return rate == null ? money : money.subtract(contained(money, decimals));
    }

    private BigDecimal contained(BigDecimal money, int decimals) {
        BigDecimal of = rate == null ? BigDecimal.ZERO : rate;
        return money.multiply(of, Decimals.EXACT).divide(HUNDRED.add(of), decimals, RoundingMode.HALF_UP);
    }

    /** A figure of money of a reckoning as it is seen. */
    public Figure figure(Figure figure) {
        return rate == null
                ? figure
                : new Figure(
                        of(figure.value().setScale(figure.decimals(), RoundingMode.HALF_UP), figure.decimals()),
                        figure.decimals(),
                        null);
    }

    /** The same in digits. */
    public String money(BigDecimal money, int decimals) {
        return words.number(of(money, decimals), decimals);
    }

    /** A total in digits. */
    public String total(BigDecimal money) {
        return money(money, minor);
    }
}
