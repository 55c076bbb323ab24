package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakClash;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.Days;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.sheet.ItemCheck;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.FirstLetter;
import dev.steelyard.web.shop.CustomerGroup;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads typed prices: what can be read goes on, what cannot is named by its field. */
final class PriceReader {

    static final int MOST_ROWS = ItemCheck.MOST_ROWS;

    private final List<CustomerGroup> groups;
    private final Map<String, String> errors = new LinkedHashMap<>();
    private final List<Break> breaks = new ArrayList<>();
    private final List<Cell> cells = new ArrayList<>();

    private PriceReader(List<CustomerGroup> groups) {
        this.groups = groups;
    }

    /** Where in the table a break stands. */
    record Cell(int row, long groupId) {}

    static ReadPrices read(PriceForm form, List<CustomerGroup> groups) {
        return new PriceReader(groups).read(form);
    }

    private ReadPrices read(PriceForm form) {
        BigDecimal shelfPrice = form.shelfPrice().isBlank() ? null : price(RowFields.SHELF_PRICE, form.shelfPrice());
        if (form.rows().size() > MOST_ROWS) {
            errors.put(RowFields.ROWS, form.rows().size() + " rows are too many; at most " + MOST_ROWS);
        }
        List<RowText> rows = form.rows();
        for (int i = 0; i < Math.min(rows.size(), MOST_ROWS); i++) {
            if (!rows.get(i).isEmpty()) {
                row(i, rows.get(i));
            }
        }
        Set<Integer> clashing = new HashSet<>();
        for (BreakClash clash : Breaks.clashes(breaks)) {
            clashing.add(clash.second());
            String message = FirstLetter.large(clash.message());
            errors.putIfAbsent(RowFields.from(cells.get(clash.second()).row()), message);
        }
        return new ReadPrices(shelfPrice, without(breaks, clashing), without(cells, clashing), Map.copyOf(errors));
    }

    private void row(int index, RowText row) {
        Integer from = threshold(index, row.from());
        Validity validity = validity(index, row);
        if (row.hasNoPrice()) {
            errors.put(RowFields.price(index, PriceForm.EVERYONE), "Type a price, for everyone or for a group");
        }
        cell(index, row, PriceForm.EVERYONE, null, from, validity);
        for (CustomerGroup group : groups) {
            cell(index, row, group.id(), group.name(), from, validity);
        }
    }

    private void cell(
            int index,
            RowText row,
            long groupId,
            @Nullable String group,
            @Nullable Integer from,
            @Nullable Validity validity) {
        if (row.price(groupId).isBlank()) {
            return;
        }
        BigDecimal price = price(RowFields.price(index, groupId), row.price(groupId));
        if (price != null && from != null && validity != null) {
            breaks.add(new Break(from, price, group, validity));
            cells.add(new Cell(index, groupId));
        }
    }

    private @Nullable Integer threshold(int index, String text) {
        String field = RowFields.from(index);
        if (text.isBlank()) {
            errors.put(field, "From how many pieces? Type a whole number");
            return null;
        }
        BigDecimal value = number(field, text);
        if (value == null) {
            return null;
        }
        if (!Quantity.allowed(value)) {
            errors.put(
                    field,
                    value.toPlainString() + " is no threshold; a break begins at a whole number from 1 to "
                            + Quantity.MOST);
            return null;
        }
        return value.intValueExact();
    }

    private @Nullable BigDecimal price(String field, String text) {
        BigDecimal value = number(field, text);
        if (value == null) {
            return null;
        }
        String fault = PriceLimits.fault(value);
        if (fault != null) {
            errors.put(field, fault);
            return null;
        }
        return value;
    }

    private @Nullable BigDecimal number(String field, String text) {
        DecimalText.Reading reading = DecimalText.read(text);
        if (reading.fault() != null) {
            errors.put(field, reading.fault().message());
        }
        return reading.value();
    }

    private @Nullable Validity validity(int index, RowText row) {
        int before = errors.size();
        LocalDate from = day(RowFields.starts(index), row.starts());
        LocalDate until = day(RowFields.ends(index), row.ends());
        if (errors.size() > before) {
            return null;
        }
        String fault = Days.fault(from, until);
        if (fault != null) {
            errors.put(RowFields.ends(index), fault);
            return null;
        }
        return new Validity(from, until);
    }

    private @Nullable LocalDate day(String field, String text) {
        if (text.isBlank()) {
            return null;
        }
        LocalDate day = DayText.read(text);
        if (day != null && Days.allowed(day)) {
            return day;
        }
        errors.put(
                field,
                "“" + text + "” is no day from " + Days.FIRST + " to " + Days.LAST + "; write it like 2027-04-01");
        return null;
    }

    private static <T> List<T> without(List<T> all, Set<Integer> left) {
        List<T> kept = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (!left.contains(i)) {
                kept.add(all.get(i));
            }
        }
        return List.copyOf(kept);
    }
}
