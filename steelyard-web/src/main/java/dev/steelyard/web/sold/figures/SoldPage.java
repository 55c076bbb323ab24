package dev.steelyard.web.sold.figures;

import dev.steelyard.web.base.picture.Bars;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was sold, as shown.
 *
 * @param title “Bow shackle”; empty for the whole shop
 * @param about where what it is about is changed; empty for the whole shop
 * @param figures what it comes to
 * @param tabs by what it can be told apart
 * @param of what the first column is called
 * @param sizes none where it is not told apart by two measurements
 * @param months turnover by month
 */
record SoldPage(
        String title,
        String about,
        boolean empty,
        boolean ever,
        List<Figure> figures,
        List<Tab> tabs,
        String of,
        List<Row> rows,
        int more,
        @Nullable SizeField sizes,
        @Nullable Bars months,
        boolean measured,
        boolean costs) {

    /** A figure with what it is. */
    public record Figure(String name, String value, String help) {}

    /** @param code as it is asked for */
    public record Tab(String code, String words, boolean on) {}

    /**
     * Lines that are alike.
     *
     * @param link to what was sold of it; none where there is no such page
     * @param share of the turnover of all, in percent
     */
    public record Row(
            String name,
            String small,
            @Nullable String link,
            String orders,
            String pieces,
            String amount,
            String turnover,
            String share,
            String reduced,
            String cost,
            String margin) {}
}
