package dev.steelyard.web.editing.rows;

import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.editing.draft.Merge;
import dev.steelyard.web.shop.CustomerGroup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.util.MultiValueMap;

/** Changes to the table as a whole: a break hung or taken off, cells pasted, theirs taken, mine kept. */
@Component
class RowEdits {

    private final PricesPages pages;
    private final BaseText base;

    RowEdits(PricesPages pages, BaseText base) {
        this.pages = pages;
        this.base = base;
    }

    /** The form after what was asked for in {@code do}; an unknown wish changes nothing. */
    PriceForm apply(PriceForm form, MultiValueMap<String, String> sent, PricedProduct subject) {
        return switch (first(sent, "do")) {
            case "hang" -> form.withRows(hang(form.rows(), first(sent, "atFrom"), first(sent, "atPrice")));
            case "take-off" -> form.withRows(takeOff(form.rows(), index(sent, "row"), first(sent, "group")));
            case "paste" -> form.withRows(new PastedRows(columns(subject.groups()))
                    .into(form.rows(), first(sent, "pasted"), index(sent, "row"), index(sent, "column")));
            case "take-theirs" -> merged(form, subject, place -> Merge.Side.THEIRS);
            case "keep-mine" -> merged(form, subject, place -> Merge.Side.MINE);
            case "settle" -> merged(form, subject, place -> side(first(sent, "m:" + place)));
            default -> form;
        };
    }

    /** Both changes together, standing on theirs; the form as it is where something in it cannot be read. */
    private PriceForm merged(PriceForm form, PricedProduct subject, Function<String, Merge.@Nullable Side> picked) {
        ReadPrices read = PriceReader.read(form, subject.groups());
        PriceState began = base.read(form.base());
        if (!read.errors().isEmpty() || began == null) {
            return form;
        }
        PriceState both = PriceMerge.of(
                        began,
                        subject.saved(),
                        read.state(form.over()),
                        picked,
                        subject.rounding().unitPriceDecimals())
                .state();
        return pages.filled(subject, both, form.trial());
    }

    private static Merge.@Nullable Side side(String picked) {
        return picked.equals("mine") ? Merge.Side.MINE : Merge.Side.THEIRS;
    }

    private static List<RowText> hang(List<RowText> rows, String from, String price) {
        List<RowText> more = new ArrayList<>(rows);
        more.add(new RowText(from, Map.of(PriceForm.EVERYONE, price), "", ""));
        if (!from.isEmpty()) {
            more.sort(Comparator.comparing(RowEdits::threshold));
        }
        return more;
    }

    private static long threshold(RowText row) {
        return row.from().matches("\\d{1,9}") ? Long.parseLong(row.from()) : Long.MAX_VALUE;
    }

    /** One group's price goes, and the row with it once nothing is left; without a group the whole row goes. */
    private static List<RowText> takeOff(List<RowText> rows, int index, String group) {
        List<RowText> fewer = new ArrayList<>(rows);
        if (index < 0 || index >= fewer.size()) {
            return fewer;
        }
        RowText row = fewer.get(index);
        Map<Long, String> prices = new HashMap<>(row.prices());
        if (Ids.is(group)) {
            prices.put(Long.valueOf(group), "");
        } else {
            prices.clear();
        }
        RowText left = new RowText(row.from(), prices, row.starts(), row.ends());
        if (left.hasNoPrice()) {
            fewer.remove(index);
        } else {
            fewer.set(index, left);
        }
        return fewer;
    }

    private static List<Long> columns(List<CustomerGroup> groups) {
        List<Long> ids = new ArrayList<>(List.of(PriceForm.EVERYONE));
        groups.forEach(group -> ids.add(group.id()));
        return ids;
    }

    private static String first(MultiValueMap<String, String> sent, String name) {
        String value = sent.getFirst(name);
        return value == null ? "" : value;
    }

    private static int index(MultiValueMap<String, String> sent, String name) {
        String text = first(sent, name);
        return Ids.index(text);
    }
}
