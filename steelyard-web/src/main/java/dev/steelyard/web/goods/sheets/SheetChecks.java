package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.CheckRules;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.ItemCheck;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.PricesNow;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.sheet.ReadRow;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.goods.GoodsPrices;
import dev.steelyard.web.goods.GoodsPrices.Priced;
import dev.steelyard.web.goods.ShopMargins;
import dev.steelyard.web.goods.batch.Ahead;
import dev.steelyard.web.goods.batch.NoteText;
import dev.steelyard.web.goods.sheets.BatchRow.Target;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Holds rows against the goods of the shop, some hundreds of goods at a time. */
@Component
class SheetChecks {

    /** How it is said that nothing has a SKU. */
    static final String UNKNOWN = "Nothing with the SKU “";

    private static final int GOODS_AT_A_TIME = 500;

    private final GoodsPrices prices;
    private final Shops shops;
    private final RowIds ids;
    private final StandingAlone standing;
    private final Ahead ahead;
    private final ShopMargins margins;

    SheetChecks(GoodsPrices prices, Shops shops, RowIds ids, StandingAlone standing, Ahead ahead, ShopMargins margins) {
        this.margins = margins;
        this.standing = standing;
        this.ahead = ahead;
        this.prices = prices;
        this.shops = shops;
        this.ids = ids;
    }

    /** A row that was read, with its place in the batch. */
    record Numbered(int number, ReadRow row) {}

    /** Checked rows of some goods, not in the order of their numbers, are given to a sink. */
    void check(long batch, List<Numbered> rows, Consumer<List<BatchRow>> sink) {
        check(batch, rows, found -> found, sink);
    }

    /**
     * @param batch whose wishes of groups that stand alone count too
     * @param then what is done with the outcomes of some goods, which are not in the order of their numbers; at several places
     *     at once
     * @param sink takes what it made of them
     */
    <T> void check(long batch, List<Numbered> rows, Function<List<BatchRow>, T> then, Consumer<T> sink) {
        Map<Long, Set<String>> alone = standing.wanted(batch);
        Shop shop = shops.current();
        CheckRules rules =
                new CheckRules(shop.rules(), margins.of(shop), shop.bounds().largeChange(), shops.today());
        Map<String, List<Numbered>> bySku = new LinkedHashMap<>();
        for (Numbered one : rows) {
            bySku.computeIfAbsent(one.row().sku(), any -> new ArrayList<>(4)).add(one);
        }
        List<String> skus = new ArrayList<>(bySku.keySet());
        Function<List<String>, T> checked = some -> {
            Map<String, Priced> goods = prices.bySku(some);
            List<BatchRow> found = new ArrayList<>();
            for (String sku : some) {
                found.addAll(ofItem(sku, goods.get(sku), bySku.get(sku), rules, alone));
            }
            return then.apply(found);
        };
        ahead.forEach(cut(skus), checked, sink);
    }

    private static List<List<String>> cut(List<String> skus) {
        List<List<String>> parts = new ArrayList<>();
        for (int from = 0; from < skus.size(); from += GOODS_AT_A_TIME) {
            parts.add(skus.subList(from, Math.min(skus.size(), from + GOODS_AT_A_TIME)));
        }
        return parts;
    }

    private List<BatchRow> ofItem(
            String sku, @Nullable Priced goods, List<Numbered> rows, CheckRules rules, Map<Long, Set<String>> alone) {
        List<BatchRow> found = new ArrayList<>();
        List<Numbered> readable = new ArrayList<>();
        for (Numbered one : rows) {
            if (one.row().row() == null) {
                found.add(unreadable(one, goods));
            } else if (goods == null) {
                found.add(one.row().row().wish() == SheetRow.Wish.KEEP ? leftOut(one) : unknown(sku, one));
            } else {
                readable.add(one);
            }
        }
        if (goods != null && !readable.isEmpty()) {
            List<SheetRow> sheetRows =
                    readable.stream().map(one -> one.row().row()).toList();
            PricesNow now = goods.now().withAlone(alone.getOrDefault(goods.productId(), Set.of()));
            List<Outcome> outcomes = ItemCheck.of(now, sheetRows, rules);
            for (int i = 0; i < readable.size(); i++) {
                found.add(row(readable.get(i), goods, outcomes.get(i)));
            }
        }
        return found;
    }

    private BatchRow row(Numbered one, Priced goods, Outcome outcome) {
        return new BatchRow(
                one.number(),
                one.row().line(),
                outcome.kind(),
                goods.sku(),
                one.row().name(),
                goods.productId(),
                goods.variantId(),
                outcome.row(),
                target(goods, outcome),
                outcome.before() == null ? null : outcome.before().line(),
                outcome.after(),
                outcome.refusal(),
                NoteText.said(outcome.notes()),
                Map.of());
    }

    @Nullable
    private Target target(Priced goods, Outcome outcome) {
        if (!outcome.kind().writes()) {
            return null;
        }
        if (outcome.before() != null) {
            return new Target(outcome.before().kind(), outcome.before().id());
        }
        return outcome.row().isShelf()
                ? new Target(goods.now().goods(), goods.now().id())
                : new Target(RowKey.Kind.ROW, ids.next());
    }

    private static BatchRow unreadable(Numbered one, @Nullable Priced goods) {
        return refused(one, one.row().sku(), goods, one.row().refusal());
    }

    private static BatchRow leftOut(Numbered one) {
        return new BatchRow(
                one.number(),
                one.row().line(),
                Outcome.Kind.SAME,
                one.row().sku(),
                one.row().name(),
                null,
                null,
                one.row().row(),
                null,
                null,
                null,
                null,
                List.of(),
                Map.of());
    }

    private static BatchRow unknown(String sku, Numbered one) {
        return refused(
                one,
                sku,
                null,
                new Outcome.Refusal(
                        Column.SKU, UNKNOWN + sku + "” is sold here; SKUs are told apart by every letter and case"));
    }

    private static BatchRow refused(
            Numbered one, String sku, @Nullable Priced goods, Outcome.@Nullable Refusal refusal) {
        return new BatchRow(
                one.number(),
                one.row().line(),
                Outcome.Kind.REFUSED,
                sku,
                one.row().name(),
                goods == null ? null : goods.productId(),
                goods == null ? null : goods.variantId(),
                one.row().row(),
                null,
                null,
                null,
                refusal,
                List.of(),
                one.row().cells());
    }
}
