package dev.steelyard.web.orders;

import dev.steelyard.web.page.ReckoningText;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An order as shown. */
public record OrderView(
        String number,
        String placedAt,
        String pricedFor,
        String pricedOn,
        String buyer,
        String email,
        String total,
        String currency,
        String paymentReference,
        String cardEnding,
        List<Line> lines) {

    /** A line as shown, with its frozen reckoning. */
    public record Line(
            String sku,
            String name,
            String quantity,
            String perPiece,
            String total,
            List<String> answers,
            String card,
            @Nullable Long cardId,
            @Nullable Long cardVersion,
            List<ReckoningText.Line> reckoning) {}
}
