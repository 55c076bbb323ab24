package dev.steelyard.web.cards.page;

import dev.steelyard.web.page.ReckoningText;
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
 * @param figures shown beside the price
 * @param many several trials side by side; empty where nobody asked
 */
record TrialView(
        TrialText text,
        List<Goods> goods,
        List<Asked> asks,
        List<String> packs,
        @Nullable String refusal,
        Map<String, String> faults,
        String perPiece,
        String total,
        @Nullable String billable,
        @Nullable String next,
        @Nullable String other,
        List<String> figures,
        List<ReckoningText.Line> steps,
        List<String> passedOver,
        List<Many> many) {

    /** Something that can be ordered. */
    record Goods(String sku, String name, boolean covered) {}

    /**
     * Something asked.
     *
     * @param measured whether it is a measurement; else a choice
     * @param units that it may be typed in
     * @param options of a choice
     * @param limits “150 to 1200 cm, in steps of 1”
     */
    record Asked(
            String name,
            String label,
            boolean measured,
            String value,
            String unit,
            List<Unit> units,
            List<Option> options,
            String limits,
            boolean open) {}

    record Unit(String code, String symbol) {}

    record Option(String name, String label) {}

    /** A trial of a table of several. */
    record Many(String what, String each, String total) {}

    /** What is wrong with a field; empty where nothing is. */
    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }
}
