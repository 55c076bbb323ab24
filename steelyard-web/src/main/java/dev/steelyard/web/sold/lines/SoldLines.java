package dev.steelyard.web.sold.lines;

import dev.steelyard.core.prepared.Answers;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.orders.FrozenAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * All lines that were sold, as columns: money in minor units, cost and amounts finer. Lines of one order stand together. One
 * thread adds; any may read through a {@link View}, which goes as far as was added when it was made.
 */
final class SoldLines {

    static final long UNKNOWN = Long.MIN_VALUE;

    /** Decimals of costs and thresholds, and of amounts in base units. */
    static final int FINE = 6;

    static final int FINEST = 9;

    private static final BigDecimal LARGEST = BigDecimal.valueOf(Long.MAX_VALUE);

    private final ZoneId zone;
    private final int minor;
    final NamesSeen names = new NamesSeen();
    private final NamesSeen askedTexts = new NamesSeen();
    private final List<Answers> asked = new ArrayList<>();
    private final Map<Integer, Integer> calledLately = new HashMap<>();

    final Numbers order = new Numbers();
    final Numbers item = new Numbers();
    final Numbers product = new Numbers();
    final Numbers card = new Numbers();
    final Numbers answers = new Numbers();
    final Numbers pieces = new Numbers();
    final Numbers amount = new Numbers();
    final Numbers reached = new Numbers();
    final Numbers before = new Numbers();
    final Numbers turnover = new Numbers();
    final Numbers reduced = new Numbers();
    final Numbers known = new Numbers();
    final Numbers cost = new Numbers();
    private int lines;

    final Numbers orderId = new Numbers();
    final Numbers firstLine = new Numbers();
    final Numbers day = new Numbers();
    final Numbers group = new Numbers();
    final Numbers store = new Numbers();
    private int orders;

    final Numbers useOrder = new Numbers();
    final Numbers useDeal = new Numbers();
    final Numbers useSaved = new Numbers();
    private int uses;

    private volatile View view;

    SoldLines(ZoneId zone, int minor) {
        this.zone = zone;
        this.minor = minor;
        this.view = new View(this, 0, 0, 0);
    }

    boolean isOf(ZoneId otherZone, int otherMinor) {
        return zone.equals(otherZone) && minor == otherMinor;
    }

    int minor() {
        return minor;
    }

    /** How far the columns go. */
    record View(SoldLines of, int lines, int orders, int uses) {}

    View view() {
        return view;
    }

    /** What an item was called when it was sold last; none for one that never was. */
    synchronized @Nullable String called(int itemNumber) {
        Integer name = calledLately.get(itemNumber);
        return name == null ? null : names.name(name);
    }

    /** What was asked for by a number in the column of answers. */
    synchronized Answers asked(int number) {
        return number == NamesSeen.NONE ? Answers.NONE : asked.get(number);
    }

    /** Adds lines that follow one another; those of an order must all be among them. */
    synchronized void add(List<SoldRow> rows) {
        rows.forEach(this::add);
        view = new View(this, lines, orders, uses);
    }

    private void add(SoldRow row) {
        if (orders == 0 || orderId.at(orders - 1) != row.order()) {
            begin(row);
        }
        int itemNumber = names.number(row.sku());
        calledLately.put(itemNumber, names.number(row.name()));
        order.put(lines, orders - 1);
        item.put(lines, itemNumber);
        product.put(lines, names.number(row.product()));
        card.put(lines, row.cardId() == null ? 0 : row.cardId());
        answers.put(lines, asked(row.asked()));
        pieces.put(lines, row.pieces());
        amount.put(lines, scaled(row.amount(), FINEST));
        reached.put(lines, scaled(row.reached(), FINE));
        before.put(lines, scaled(row.total(), minor));
        turnover.put(lines, scaled(row.left(), minor));
        BigDecimal byBreaks = row.reduced() == null ? BigDecimal.ZERO : row.reduced();
        reduced.put(lines, scaled(byBreaks.add(row.total()).subtract(row.left()), minor));
        BigDecimal net = row.taxIncluded() && row.tax() != null ? row.left().subtract(row.tax()) : row.left();
        known.put(lines, row.cost() == null ? 0 : scaled(net, minor));
        cost.put(lines, row.cost() == null ? 0 : scaled(row.cost(), FINE));
        lines++;
    }

    private void begin(SoldRow row) {
        orderId.put(orders, row.order());
        firstLine.put(orders, lines);
        day.put(orders, LocalDate.ofInstant(row.placedAt(), zone).toEpochDay());
        group.put(orders, names.number(row.group()));
        store.put(orders, row.store() ? 1 : 0);
        if (!row.deals().equals("[]")) {
            for (JsonNode deal : Json.read(row.deals())) {
                long id = deal.path("id").asLong(0);
                if (id != 0) {
                    useOrder.put(uses, orders);
                    useDeal.put(uses, id);
                    useSaved.put(uses, scaled(deal.path("saved").decimalValue(BigDecimal.ZERO), minor));
                    uses++;
                }
            }
        }
        orders++;
    }

    private int asked(@Nullable String text) {
        int number = askedTexts.number(text);
        if (number == asked.size()) {
            asked.add(FrozenAnswers.read(Json.read(Objects.requireNonNull(text))));
        }
        return number;
    }

    private static long scaled(@Nullable BigDecimal value, int decimals) {
        return value == null
                ? UNKNOWN
                : value.movePointRight(decimals)
                        .setScale(0, RoundingMode.HALF_UP)
                        .min(LARGEST)
                        .longValue();
    }
}
