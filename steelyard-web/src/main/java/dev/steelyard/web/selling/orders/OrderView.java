package dev.steelyard.web.selling.orders;

import dev.steelyard.web.base.page.ReckoningText;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order as shown.
 *
 * @param goods what the lines came to before deals; none where no deal counted
 * @param country where the goods went to; empty where it is not known
 * @param paid how it is paid, in words
 * @param state whether it is paid, in a word
 * @param settled whether it is
 * @param tax “19 % tax contained in 30.00”, with its figure
 * @param store the owner's own store that sold it; none for the counter
 * @param without what a buyer who sees figures without tax sees; none for others
 */
public record OrderView(
        String number,
        String placedAt,
        String pricedFor,
        String pricedOn,
        String buyer,
        String email,
        String country,
        @Nullable String goods,
        String total,
        String currency,
        String paid,
        String state,
        boolean settled,
        List<Tax> tax,
        List<Deal> deals,
        List<Unused> unused,
        List<String> codes,
        NewOrder.Seller seller,
        @Nullable Without without,
        @Nullable Store store,
        List<Line> lines) {

    /**
     * The owner's own store, where it sold the order.
     *
     * @param key by whose name it was reported
     * @param quote by which it was sold; none where it was by none
     * @param charged what was paid
     * @param more “4.20 more than reckoned”; none where it is the same
     */
    public record Store(String key, @Nullable String quote, String charged, @Nullable String more) {}

    /**
     * What its buyer sees, without the tax that figures contain.
     *
     * @param goods what the lines came to before deals
     * @param saved by each deal, with its sign
     * @param total what is left
     */
    public record Without(String goods, List<String> saved, String total) {}

    /** Lines and deals as the buyer sees them: whether without tax. */
    public boolean seenWithout() {
        return without != null;
    }

    /** A deal that did not count, and why. */
    public record Unused(String name, String why) {}

    /** The tax of one rate. */
    public record Tax(String words, String tax) {}

    /**
     * A deal that counted.
     *
     * @param saved with its sign: “−7.50”, or “+0.90” for what was added
     */
    public record Deal(
            String name, String words, String saved, String detail, @Nullable Long id, @Nullable Long version) {}

    /**
     * A line as shown, with its frozen reckoning.
     *
     * @param before the total before deals, where it was more; none else
     * @param tax “19 %: 4.79”; empty where none was reckoned
     * @param taken what each deal took off it, in their order
     * @param eachWithout the price of one piece without tax; none for buyers who see it with tax
     * @param totalWithout the same of the total after deals
     * @param chargedOtherwise what the owner's own store charged for it before deals, where that is another sum; none else
     */
    public record Line(
            String sku,
            String name,
            String quantity,
            String perPiece,
            @Nullable String before,
            String total,
            String tax,
            List<String> answers,
            String card,
            @Nullable Long cardId,
            @Nullable Long cardVersion,
            List<ReckoningText.Line> reckoning,
            List<Taken> taken,
            @Nullable String eachWithout,
            @Nullable String totalWithout,
            @Nullable String chargedOtherwise) {

        /** The price of one piece as the buyer sees it. */
        public String eachSeen() {
            return eachWithout == null ? perPiece : eachWithout;
        }

        /** The total as the buyer sees it. */
        public String totalSeen() {
            return totalWithout == null ? total : totalWithout;
        }
    }

    /**
     * What a deal took off a line.
     *
     * @param taken with its sign
     * @param left what the line comes to then
     */
    public record Taken(String deal, String taken, String left) {}
}
