package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsReadRow;
import dev.steelyard.format.goods.GoodsShop;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.goods.GoodsInBulk;
import dev.steelyard.web.goods.GoodsTexts;
import dev.steelyard.web.goods.GoodsTexts.Now;
import dev.steelyard.web.goods.sheets.ShelfPrices;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.TaxClass;
import dev.steelyard.web.shop.Taxes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Holds the rows of a goods sheet against the goods of the shop, some hundreds at a time: products first, then variants. */
@Component
class GoodsChecks {

    private static final int AT_A_TIME = 500;

    private final GoodsTexts texts;
    private final GoodsInBulk bulk;
    private final ShelfPrices shelfPrices;
    private final Shops shops;
    private final Taxes taxes;
    private final RowIds ids;

    GoodsChecks(GoodsTexts texts, GoodsInBulk bulk, ShelfPrices shelfPrices, Shops shops, Taxes taxes, RowIds ids) {
        this.texts = texts;
        this.bulk = bulk;
        this.shelfPrices = shelfPrices;
        this.shops = shops;
        this.taxes = taxes;
        this.ids = ids;
    }

    /** A row that was read, with its place in the batch. */
    record Numbered(int number, GoodsReadRow row) {}

    /** What became of some rows, and the prices that they change of goods that are there. */
    record Found(List<IntakeRow> rows, List<ShelfPrices.Checked> prices) {}

    /**
     * Keeps nothing by itself, so that what was kept before stays until all of it is there.
     *
     * @param sink takes outcomes, of some rows at a time; not in the order of their numbers
     * @return the names that applying makes
     */
    NewNames.Made check(long batch, List<Numbered> rows, ColumnPlan plan, Consumer<Found> sink) {
        GoodsShop shop = new GoodsShop(
                shops.current().currency(),
                taxes.classes().stream()
                        .sorted(Comparator.comparing(TaxClass::id))
                        .map(TaxClass::name)
                        .toList());
        NewNames names = new NewNames(texts.paths().values(), bulk.brands());
        SheetSkus skus = new SheetSkus(rows, new GoodsCells(shop, plan));
        GoodsRules rules = new GoodsRules(shop, names, skus, ids);
        List<IntakeRow> variants = new ArrayList<>();
        for (int from = 0; from < rows.size(); from += AT_A_TIME) {
            List<IntakeRow> some = rows.subList(from, Math.min(rows.size(), from + AT_A_TIME)).stream()
                    .map(skus::read)
                    .toList();
            Map<String, Now> now = now(some);
            Map<String, String> alike = texts.alike(now.keySet().containsAll(skus(some)) ? List.of() : skus(some));
            List<IntakeRow> products = new ArrayList<>();
            for (IntakeRow row : some) {
                if (rules.isOfVariant(row, now.get(row.sku()))) {
                    variants.add(row);
                } else {
                    products.add(rules.product(row, now.get(row.sku()), alike));
                }
            }
            sink.accept(priced(batch, products));
        }
        for (int from = 0; from < variants.size(); from += AT_A_TIME) {
            List<IntakeRow> some = variants.subList(from, Math.min(variants.size(), from + AT_A_TIME));
            Map<String, Now> now = now(some);
            Map<String, String> alike = texts.alike(skus(some));
            sink.accept(priced(
                    batch,
                    some.stream().map(row -> rules.variant(row, now, alike)).toList()));
        }
        return names.made(rules.untaxed(), shop.taxClasses().get(0));
    }

    private static List<String> skus(List<IntakeRow> rows) {
        return rows.stream().map(IntakeRow::sku).distinct().toList();
    }

    /** The goods that rows are about, and those that they say they are variants of. */
    private Map<String, Now> now(List<IntakeRow> rows) {
        List<String> skus = new ArrayList<>(skus(rows));
        rows.stream()
                .map(row -> row.will().getOrDefault(GoodsColumn.VARIANT_OF, ""))
                .filter(parent -> !parent.isEmpty())
                .distinct()
                .forEach(skus::add);
        Map<String, Now> found = texts.bySku(skus.stream().distinct().toList());
        List<String> parents = found.values().stream()
                .filter(one -> one.variantId() != null)
                .map(one -> one.texts().get(GoodsColumn.VARIANT_OF))
                .filter(parent -> !found.containsKey(parent))
                .distinct()
                .toList();
        found.putAll(texts.bySku(parents));
        return found;
    }

    /** Rows with what is odd about their shelf prices; those of goods that are there already are checked as any price is. */
    private Found priced(long batch, List<IntakeRow> rows) {
        List<ShelfPrices.Wish> wishes = rows.stream()
                .filter(row -> row.outcome() == Outcome.Kind.CHANGE && differs(row, GoodsColumn.SHELF_PRICE))
                .map(row -> new ShelfPrices.Wish(
                        row.number(), row.line(), row.sku(), row.will().getOrDefault(GoodsColumn.SHELF_PRICE, "")))
                .toList();
        List<ShelfPrices.Checked> prices = shelfPrices.check(batch, wishes);
        Map<Integer, ShelfPrices.Checked> checked =
                prices.stream().collect(Collectors.toMap(ShelfPrices.Checked::number, Function.identity()));
        List<IntakeRow> priced = rows.stream()
                .map(row -> {
                    ShelfPrices.Checked one = checked.get(row.number());
                    return one == null
                            ? row.noted(notes(row))
                            : one.refused() == null
                                    ? row.noted(one.notes())
                                    : row.refused(GoodsColumn.SHELF_PRICE, one.refused());
                })
                .toList();
        return new Found(priced, prices);
    }

    private static boolean differs(IntakeRow row, GoodsColumn column) {
        return !row.will().getOrDefault(column, "").equals(row.was().getOrDefault(column, ""));
    }

    private static List<Note> notes(IntakeRow row) {
        GoodsInBulk.Said said = row.written(false);
        return row.outcome() == Outcome.Kind.ADD
                ? ShelfPrices.belowCost(said.number(GoodsColumn.SHELF_PRICE), said.number(GoodsColumn.UNIT_COST))
                : List.of();
    }
}
