package dev.steelyard.core.sheet;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakClash;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.Outcome.Kind;
import dev.steelyard.core.sheet.Outcome.Refusal;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Holds all rows that a sheet has for one item against the prices the item has. A row without a key is an addition, or
 * means the stored price of the same threshold, group and days. Rows of the shop that the sheet does not name stay.
 */
public final class ItemCheck {

    /** Rows that one item may have. */
    public static final int MOST_ROWS = 500;

    private final PricesNow now;
    private final List<Outcome> outcomes = new ArrayList<>();
    private final Map<Object, Integer> claimed = new HashMap<>();

    private ItemCheck(PricesNow now) {
        this.now = now;
    }

    /** An outcome for each row, in order. */
    public static List<Outcome> of(PricesNow now, List<SheetRow> rows, CheckRules rules) {
        ItemCheck check = new ItemCheck(now);
        rows.forEach(row -> check.outcomes.add(check.claim(row)));
        check.refuseClashes();
        return ItemNotes.add(now, check.outcomes, check.result(), rules);
    }

    private Outcome claim(SheetRow row) {
        if (row.wish() == SheetRow.Wish.KEEP) {
            return new Outcome(row, Kind.SAME, null, null, null, List.of());
        }
        Outcome found = row.key() == null ? withoutKey(row) : withKey(row, row.key());
        if (found.kind() == Kind.REFUSED) {
            return found;
        }
        Object target = found.before() != null
                ? found.before().key()
                : List.of(row.line(BigDecimal.ZERO).print());
        Integer earlier = claimed.putIfAbsent(target, row.number());
        return earlier == null
                ? found
                : refused(
                        row,
                        found.before(),
                        row.key() != null ? Column.KEY : Column.FROM,
                        row.line(BigDecimal.ZERO).words() + " stands twice in this sheet; line " + earlier
                                + " is about it too");
    }

    private Outcome withoutKey(SheetRow row) {
        PriceLine line = row.line(BigDecimal.ZERO);
        KeptPrice before = row.isShelf()
                ? now.shelf().orElse(null)
                : now.rows().stream()
                        .filter(one -> one.line().sameAs(line))
                        .findFirst()
                        .orElse(null);
        return planned(row, before);
    }

    private Outcome withKey(SheetRow row, RowKey key) {
        if ((key.kind() != RowKey.Kind.ROW) != row.isShelf()) {
            return refused(
                    row,
                    null,
                    Column.WHAT,
                    "the key is of " + (row.isShelf() ? "a price row" : "a shelf price") + ", but the row is of "
                            + (row.isShelf() ? "a shelf price" : "a price row"));
        }
        if (row.isShelf() && (key.kind() != now.goods() || key.id() != now.id())) {
            return refused(
                    row,
                    null,
                    Column.KEY,
                    "the key is of other goods than " + now.item().sku());
        }
        KeptPrice before = now.kept().stream()
                .filter(one -> one.kind() == key.kind() && one.id() == key.id())
                .findFirst()
                .orElse(null);
        if (before == null) {
            return refused(
                    row,
                    null,
                    Column.KEY,
                    now.item().sku()
                            + " has no price with this key any more; it was taken off since the sheet was taken"
                            + " out. Empty the key to add the row anew");
        }
        if (key.fits(before.line())) {
            return planned(row, before);
        }
        boolean untouched =
                row.wish() == SheetRow.Wish.SET && row.price() != null && key.fits(row.line(BigDecimal.ZERO));
        String is = before.line().words() + " is now "
                + Decimals.plain(before.line().price(), 2);
        return untouched
                ? new Outcome(
                        row,
                        Kind.SAME,
                        before,
                        before.line(),
                        null,
                        List.of(new Note(
                                Note.Code.CHANGED_SINCE,
                                "it was changed in the shop since the sheet was taken out, and stays as it is there: "
                                        + is)))
                : refused(row, before, Column.KEY, "it was changed in the shop since the sheet was taken out: " + is);
    }

    private Outcome planned(SheetRow row, @Nullable KeptPrice before) {
        if (row.wish() == SheetRow.Wish.REMOVE) {
            return before != null
                    ? new Outcome(row, Kind.REMOVE, before, null, null, List.of())
                    : refused(
                            row,
                            null,
                            Column.ACTION,
                            "there is nothing to remove: " + now.item().sku() + " has no price "
                                    + row.line(BigDecimal.ZERO).words());
        }
        if (row.price() == null) {
            return refused(
                    row,
                    before,
                    Column.PRICE,
                    "the price is empty; write one, or “" + SheetRow.Wish.REMOVE.word() + "” under "
                            + Column.ACTION.head() + " to take the price off");
        }
        if (row.to() != null && row.key() == null && row.from() != null && row.to() < row.from()) {
            return refused(
                    row,
                    before,
                    Column.TO,
                    "it ends at " + row.to() + ", before it begins at " + row.from()
                            + "; the last piece is the first one or more");
        }
        if (row.isShelf() && row.group() != null) {
            return refused(row, before, Column.GROUP, "a shelf price is for everyone, not for " + row.group());
        }
        if (row.isShelf() && !row.validity().equals(Validity.ALWAYS)) {
            return refused(row, before, Column.STARTS, "a shelf price has no dates; rows have");
        }
        PriceLine after = row.line(row.price());
        if (before == null) {
            return new Outcome(row, Kind.ADD, null, after, null, List.of());
        }
        return new Outcome(row, before.line().equalTo(after) ? Kind.SAME : Kind.CHANGE, before, after, null, List.of());
    }

    /** Until no two rows of the result clash: each that does is refused, and what it would have changed stays. */
    private void refuseClashes() {
        boolean again = true;
        while (again) {
            again = false;
            List<Integer> origins = new ArrayList<>();
            List<Break> result = rows(origins);
            for (BreakClash clash : Breaks.clashes(result)) {
                int at = origins.get(clash.second()) >= 0 ? origins.get(clash.second()) : origins.get(clash.first());
                again |= refuse(at, Column.FROM, clash.message());
            }
            for (int i = MOST_ROWS; i < result.size() && !again; i++) {
                again = refuse(
                        origins.get(i),
                        Column.FROM,
                        "goods can have " + MOST_ROWS + " price rows at most, and this would be one more");
            }
        }
    }

    private boolean refuse(int at, Column column, String reason) {
        if (at < 0 || outcomes.get(at).kind() == Kind.REFUSED) {
            return false;
        }
        Outcome old = outcomes.get(at);
        outcomes.set(at, refused(old.row(), old.before(), column, reason));
        return true;
    }

    /** The rows there would be: those of the shop first, then those of the sheet. */
    private List<Break> rows(List<Integer> origins) {
        Map<Long, Integer> touched = new HashMap<>();
        for (int i = 0; i < outcomes.size(); i++) {
            Outcome one = outcomes.get(i);
            if (one.kind().writes() && one.before() != null && one.before().kind() == RowKey.Kind.ROW) {
                touched.put(one.before().id(), i);
            }
        }
        List<Break> rows = new ArrayList<>();
        for (KeptPrice kept : now.rows()) {
            if (!touched.containsKey(kept.id())) {
                rows.add(kept.line().toBreak());
                origins.add(-1);
            }
        }
        for (int i = 0; i < outcomes.size(); i++) {
            Outcome one = outcomes.get(i);
            if (one.kind().writes() && one.after() != null && !one.after().isShelf()) {
                rows.add(one.after().toBreak());
                origins.add(i);
            }
        }
        return rows;
    }

    private Result result() {
        BigDecimal shelf = now.shelf().map(kept -> kept.line().price()).orElse(null);
        for (Outcome one : outcomes) {
            if (one.kind().writes() && one.row().isShelf()) {
                shelf = one.after() == null ? null : one.after().price();
            }
        }
        return new Result(shelf, rows(new ArrayList<>()));
    }

    /** The prices there would be. */
    record Result(@Nullable BigDecimal shelf, List<Break> rows) {}

    private static Outcome refused(SheetRow row, @Nullable KeptPrice before, Column column, String reason) {
        String sentence = Character.toUpperCase(reason.charAt(0)) + reason.substring(1);
        return new Outcome(
                row, Kind.REFUSED, before, null, new Refusal(Objects.requireNonNull(column), sentence), List.of());
    }
}
