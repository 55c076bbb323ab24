package dev.steelyard.web.editing.trial;

import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.selling.shown.AskView;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The trial as shown.
 *
 * @param refusal why there is no price; none where there is one
 * @param faults what is wrong, by the name of the field
 * @param billable the billable amount of a piece; none where nothing is measured
 * @param next “13 more and each costs 6.20”; none where nothing gets cheaper
 * @param other the card that prices the line in place of this one; none where this one does
 * @param moved when it is tried, where that is not when one would think; none for noon of its day
 * @param figures shown beside the price
 * @param many several trials side by side; empty where nobody asked
 * @param margin of the price without tax; none where the cost is not known
 */
public record CardTrialView(
        TrialText text,
        List<Goods> goods,
        List<AskView> asks,
        List<String> packs,
        @Nullable String refusal,
        Map<String, String> faults,
        String perPiece,
        String total,
        @Nullable String billable,
        @Nullable String next,
        @Nullable String other,
        @Nullable String moved,
        List<String> figures,
        List<ReckoningText.Line> steps,
        List<String> passedOver,
        List<Many> many,
        @Nullable String margin) {

    /** Something that can be ordered. */
    public record Goods(String sku, String name, boolean covered) {}

    /** A trial of a table of several. */
    public record Many(String what, String each, String total) {}

    /** What is wrong with a field; empty where nothing is. */
    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }
}
