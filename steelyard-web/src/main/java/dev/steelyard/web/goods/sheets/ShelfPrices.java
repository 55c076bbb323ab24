package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.sheet.ReadRow;
import dev.steelyard.web.goods.sheets.SheetChecks.Numbered;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Shelf prices that a goods sheet changes: checked, kept, written and taken back as those of a price sheet, so that what
 * looks odd is said alike, and a product's past prices know of them.
 */
@Component
public class ShelfPrices {

    private final SheetChecks checks;
    private final BatchRows rows;

    ShelfPrices(SheetChecks checks, BatchRows rows) {
        this.checks = checks;
        this.rows = rows;
    }

    /**
     * A shelf price as it shall be.
     *
     * @param number of the row that says it
     * @param price plainly written; empty for none
     */
    public record Wish(int number, int line, String sku, String price) {}

    /**
     * What is odd about it, and why it cannot be; none where it can.
     *
     * @param row as a price of the batch
     */
    public record Checked(int number, List<Note> notes, @Nullable String refused, BatchRow row) {}

    /** Checks some; nothing is kept by it. */
    public List<Checked> check(long batch, List<Wish> wishes) {
        if (wishes.isEmpty()) {
            return List.of();
        }
        List<Numbered> numbered = wishes.stream().map(ShelfPrices::numbered).toList();
        List<BatchRow> found = new ArrayList<>();
        checks.check(batch, numbered, found::addAll);
        return found.stream()
                .map(row -> new Checked(
                        row.number(),
                        row.notes(),
                        row.outcome() == Outcome.Kind.REFUSED && row.refusal() != null
                                ? row.refusal().reason()
                                : null,
                        row))
                .toList();
    }

    private static Numbered numbered(Wish wish) {
        boolean none = wish.price().isEmpty();
        SheetRow row = new SheetRow(
                wish.line(),
                null,
                null,
                null,
                none ? null : new BigDecimal(wish.price()),
                Validity.ALWAYS,
                null,
                none ? SheetRow.Wish.REMOVE : SheetRow.Wish.SET);
        return new Numbered(wish.number(), new ReadRow(wish.line(), wish.sku(), "", row, null, Map.of()));
    }

    /** What is odd about a price of goods that are new. */
    public static List<Note> belowCost(@Nullable BigDecimal price, @Nullable BigDecimal cost) {
        return price == null || cost == null || price.compareTo(cost) >= 0
                ? List.of()
                : List.of(new Note(
                        Note.Code.BELOW_COST,
                        Decimals.plain(price, 2) + " is less than the " + Decimals.plain(cost, 2) + " that one costs"));
    }

    /** Keeps those that can be as prices of the batch. */
    public void keep(long batch, List<Checked> checked) {
        rows.insert(
                batch,
                checked.stream()
                        .map(Checked::row)
                        .filter(row -> row.outcome().writes())
                        .toList());
    }

    public void forget(long batch) {
        rows.deleteAll(batch);
    }
}
