package dev.steelyard.web.sold.figures;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.base.picture.Bars;
import dev.steelyard.web.sold.lines.PartSold;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Turnover month by month, as bars. */
final class MonthBars {

    private static final DateTimeFormatter LABEL = DateTimeFormatter.ofPattern("MMM yy", Locale.UK);
    private static final int WIDTH = 680;
    private static final int LEFT = 74;
    private static final int ROOM = 566;
    private static final int BASE = 92;
    private static final int HIGHEST = 80;
    private static final int MOST = 60;
    private static final int LABELS = 9;

    private MonthBars() {}

    /** None where there are fewer than two months. */
    static @Nullable Bars of(List<PartSold> months, int minor) {
        Map<YearMonth, PartSold> by = new HashMap<>();
        months.forEach(one -> by.put(YearMonth.parse(one.key()), one));
        YearMonth first = by.keySet().stream().min(YearMonth::compareTo).orElse(null);
        YearMonth last = by.keySet().stream().max(YearMonth::compareTo).orElse(null);
        if (first == null || last == null || first.equals(last)) {
            return null;
        }
        List<YearMonth> all = new ArrayList<>();
        for (YearMonth month = first; !month.isAfter(last); month = month.plusMonths(1)) {
            all.add(month);
        }
        all = all.subList(Math.max(0, all.size() - MOST), all.size());
        BigDecimal most =
                by.values().stream().map(one -> one.figures().turnover()).reduce(BigDecimal.ZERO, BigDecimal::max);
        List<Bars.Bar> bars = new ArrayList<>();
        List<Bars.Mark> marks = new ArrayList<>();
        int wide = ROOM / all.size();
        for (int i = 0; i < all.size(); i++) {
            PartSold sold = by.get(all.get(i));
            BigDecimal turnover =
                    sold == null ? BigDecimal.ZERO : sold.figures().turnover();
            int height = most.signum() == 0
                    ? 0
                    : turnover.max(BigDecimal.ZERO)
                            .multiply(BigDecimal.valueOf(HIGHEST))
                            .divide(most, 0, RoundingMode.HALF_UP)
                            .intValue();
            int x = LEFT + i * wide;
            bars.add(new Bars.Bar(
                    x,
                    BASE - height,
                    Math.max(2, wide - 4),
                    height,
                    false,
                    LABEL.format(all.get(i)) + ": " + Show.money(turnover, minor)));
            if (i % ((all.size() - 1) / LABELS + 1) == 0) {
                marks.add(new Bars.Mark(x + wide / 2.0, LABEL.format(all.get(i))));
            }
        }
        return new Bars(WIDTH, BASE + 20, bars, marks, List.of(), "Turnover month by month", most.longValue());
    }
}
