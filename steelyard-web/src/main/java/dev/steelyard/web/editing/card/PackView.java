package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A pack as a line of the table.
 *
 * @param perUnit its price per unit; empty where it cannot be told
 * @param saves “8.7 % less than the own amount”; empty where it saves nothing
 */
record PackView(String place, String perUnit, String saves) {

    private static final int DECIMALS = 4;

    static List<PackView> of(String packs, CardFields fields) {
        BigDecimal own = fields.has(packs + "/own")
                ? perBase(fields.text(packs + "/own/price"), "1", fields.text(packs + "/own/unit"))
                : null;
        BigDecimal against = own;
        String what = "the own amount";
        List<PackView> views = new ArrayList<>();
        for (String place : fields.items(packs + "/packs")) {
            String unit = fields.text(place + "/unit");
            BigDecimal each = perBase(fields.text(place + "/price"), fields.text(place + "/amount"), unit);
            String saves = "";
            if (each != null && against != null && each.compareTo(against) < 0) {
                saves = Show.percent(against.subtract(each), against) + " less than " + what;
            }
            if (against == null && each != null) {
                against = each;
                what = fields.text(place + "/name");
            }
            views.add(new PackView(place, shown(each, unit), saves));
        }
        return views;
    }

    private static String shown(@Nullable BigDecimal perBase, String code) {
        Unit unit = Unit.of(code).orElse(null);
        if (perBase == null || unit == null) {
            return "";
        }
        BigDecimal per = perBase.multiply(unit.factor()).setScale(2, RoundingMode.HALF_UP);
        return Show.money(per, 2) + " per " + unit.symbol();
    }

    private static @Nullable BigDecimal perBase(String price, String amount, String code) {
        BigDecimal money = DecimalText.read(price).value();
        BigDecimal size = DecimalText.read(amount).value();
        Unit unit = Unit.of(code).orElse(null);
        return money == null || size == null || unit == null || size.signum() <= 0
                ? null
                : money.divide(unit.toBase(size), 10 + DECIMALS, RoundingMode.HALF_UP);
    }
}
