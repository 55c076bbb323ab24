package dev.steelyard.web.orders;

import dev.steelyard.web.page.ReckoningText;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order about to be stored, everything in it final: figures, names and reckonings are copies that no later change
 * touches.
 *
 * @param checkoutKey the key that makes placing it idempotent
 * @param pricedFor the customer group whose prices these are; none for everyone's
 */
public record NewOrder(
        String checkoutKey,
        @Nullable String pricedFor,
        LocalDate pricedOn,
        String buyer,
        String email,
        String currency,
        int minorDigits,
        BigDecimal total,
        String paymentReference,
        String cardEnding,
        List<Line> lines) {

    /**
     * A line.
     *
     * @param pieceDecimals decimals the price of one piece is shown with
     * @param answers “Length 523 cm”, and the variants of a lot's pieces, as they were shown
     * @param card the name of the rate card that priced it
     * @param cardId of that card; none for the shelf price
     * @param cardVersion the version of it; none for the shelf price
     */
    public record Line(
            long productId,
            String sku,
            String name,
            int quantity,
            BigDecimal pricePerPiece,
            int pieceDecimals,
            BigDecimal total,
            List<String> answers,
            String card,
            @Nullable Long cardId,
            @Nullable Long cardVersion,
            List<ReckoningText.Line> reckoning) {

        public Line {
            answers = answers == null ? List.of() : answers; // a checkout begun before answers were frozen has none
        }
    }
}
