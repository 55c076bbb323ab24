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
 * @param tax “19 % tax contained in 30.00”, with its figure
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
        List<Tax> tax,
        List<Deal> deals,
        List<NewOrder.UnusedDeal> unused,
        List<String> codes,
        List<Line> lines) {

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
     * @param before the total before deals, where they changed it; none else
     * @param tax “19 %: 4.79”; empty where none was reckoned
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
            List<ReckoningText.Line> reckoning) {}
}
