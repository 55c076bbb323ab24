package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Decimals;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Says in words how one state of prices differs from another. */
final class PriceChanges {

    private static final Comparator<BreakKey> ORDER = Comparator.comparing(BreakKey::from)
            .thenComparing(key -> key.group() == null ? "" : key.group())
            .thenComparing(key -> key.validity().toString());

    private PriceChanges() {}

    /** One sentence for each difference; none where there is none. */
    static List<String> between(PriceState was, PriceState is, int decimals) {
        List<String> said = new ArrayList<>();
        if (!same(was.shelfPrice(), is.shelfPrice())) {
            said.add("shelf price: " + shown(was.shelfPrice(), decimals) + " → " + shown(is.shelfPrice(), decimals));
        }
        if (was.over() != is.over()) {
            said.add(is.over() == Over.LINE ? "counts each line by itself" : "counts all variants together");
        }
        Map<BreakKey, BigDecimal> before = byKey(was);
        Map<BreakKey, BigDecimal> after = byKey(is);
        Set<BreakKey> keys = new TreeSet<>(ORDER);
        keys.addAll(before.keySet());
        keys.addAll(after.keySet());
        for (BreakKey key : keys) {
            BigDecimal old = before.get(key);
            BigDecimal now = after.get(key);
            if (!same(old, now)) {
                said.add(name(key)
                        + (old == null
                                ? ": added at " + shown(now, decimals)
                                : now == null
                                        ? ": taken off (was " + shown(old, decimals) + ")"
                                        : ": " + shown(old, decimals) + " → " + shown(now, decimals)));
            }
        }
        return said;
    }

    static Map<BreakKey, BigDecimal> byKey(PriceState state) {
        Map<BreakKey, BigDecimal> byKey = new LinkedHashMap<>();
        for (Break row : state.rows()) {
            byKey.put(row.key(), row.value());
        }
        return byKey;
    }

    static String name(BreakKey key) {
        String group = key.group() == null ? "" : " for " + key.group();
        String from =
                key.validity().from() == null ? "" : " since " + key.validity().from();
        String until =
                key.validity().until() == null ? "" : " until " + key.validity().until();
        return "from " + key.from().toPlainString() + group + from + until;
    }

    static boolean same(@Nullable BigDecimal one, @Nullable BigDecimal other) {
        return one == null || other == null ? one == other : one.compareTo(other) == 0;
    }

    static String shown(@Nullable BigDecimal price, int decimals) {
        return price == null ? "none" : Decimals.plain(price, decimals);
    }
}
