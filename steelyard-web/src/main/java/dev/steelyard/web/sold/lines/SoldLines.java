package dev.steelyard.web.sold.lines;

import dev.steelyard.core.prepared.Answers;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.orders.FrozenAnswers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * All lines that were sold, as columns: money in minor units, cost and amounts finer. Lines of one order stand together. One
 * thread adds; any may read through a {@link SoldView}, which goes as far as was added when it was made.
 */
final class SoldLines {

    static final long UNKNOWN = Long.MIN_VALUE;

    /** Decimals of costs and thresholds, and of amounts in base units. */
    static final int FINE = 6;

    static final int FINEST = 9;

    private static final BigDecimal LARGEST = BigDecimal.valueOf(Long.MAX_VALUE);
    private static final int FIRST = 1024;

    private final ZoneId zone;
    private final int minor;
    final NamesSeen names = new NamesSeen();
    private final NamesSeen askedTexts = new NamesSeen();
    private Answers[] asked = new Answers[FIRST];
    private int askedCount;
    private final NumbersTyped typed = new NumbersTyped();
    private final Numbers shapes = new Numbers();
    private final Map<Set<String>, Integer> shapeNumbers = new HashMap<>();
    private final List<Set<String>> shapeNames = new ArrayList<>();
    private final Map<Integer, Integer> calledLately = new HashMap<>();

    private final Numbers order = new Numbers();
    private final Numbers item = new Numbers();
    private final Numbers product = new Numbers();
    private final Numbers card = new Numbers();
    private final Numbers answers = new Numbers();
    private final Numbers pieces = new Numbers();
    private final Numbers amount = new Numbers();
    private final Numbers place = new Numbers();
    private final Map<Place, Integer> placeNumbers = new HashMap<>();
    private final List<Place> places = new ArrayList<>();
    private final Numbers before = new Numbers();
    private final Numbers turnover = new Numbers();
    private final Numbers reduced = new Numbers();
    private final Numbers known = new Numbers();
    private final Numbers cost = new Numbers();
    private int lines;

    private final Numbers orderId = new Numbers();
    private final Numbers firstLine = new Numbers();
    private final Numbers day = new Numbers();
    private final Numbers group = new Numbers();
    private final Numbers store = new Numbers();
    private int orders;

    private final Numbers useOrder = new Numbers();
    private final Numbers useDeal = new Numbers();
    private final Numbers useSaved = new Numbers();
    private int uses;

    SoldLines(ZoneId zone, int minor) {
        this.zone = zone;
        this.minor = minor;
    }

    boolean isOf(ZoneId otherZone, int otherMinor) {
        return zone.equals(otherZone) && minor == otherMinor;
    }

    synchronized SoldView view() {
        return new SoldView(
                lines,
                orders,
                uses,
                order.now(),
                item.now(),
                product.now(),
                card.now(),
                answers.now(),
                pieces.now(),
                amount.now(),
                place.now(),
                before.now(),
                turnover.now(),
                reduced.now(),
                known.now(),
                cost.now(),
                orderId.now(),
                firstLine.now(),
                day.now(),
                group.now(),
                store.now(),
                useOrder.now(),
                useDeal.now(),
                useSaved.now(),
                asked,
                shapes.now());
    }

    /** What an item was called when it was sold last; none for one that never was. */
    synchronized @Nullable String called(int itemNumber) {
        Integer name = calledLately.get(itemNumber);
        return name == null ? null : names.name(name);
    }

    /** What is asked in answers of a shape: names, and {@link #PACK} where a pack was picked. */
    synchronized Set<String> shape(int number) {
        return shapeNames.get(number);
    }

    /** What was typed for a measurement, by the number of the answers, in millionths of its unit. */
    synchronized long[] typed(Sold.Measured measured, int length) {
        return typed.of(measured.ask(), measured.unit(), length);
    }

    /** Stands for a pack among names, which have no space. */
    static final String PACK = " pack";

    /** Adds lines that follow one another; those of an order must all be among them. */
    synchronized void add(List<SoldRow> rows) {
        rows.forEach(this::add);
    }

    private void add(SoldRow row) {
        if (orders == 0 || orderId.last(orders) != row.order()) {
            begin(row);
        }
        int itemNumber = names.number(row.sku());
        calledLately.put(itemNumber, names.number(row.name()));
        order.put(lines, orders - 1L);
        item.put(lines, itemNumber);
        product.put(lines, names.number(row.product()));
        card.put(lines, row.cardId() == null ? 0 : row.cardId());
        answers.put(lines, asked(row.asked()));
        pieces.put(lines, row.pieces());
        amount.put(lines, scaled(row.amount(), FINEST));
        place.put(lines, place(new Place(row.cardId() == null ? 0 : row.cardId(), scaled(row.reached(), FINE))));
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

    /**
     * A break of a card.
     *
     * @param card its id; 0 for the shelf price and own rows
     * @param from the threshold; {@link #UNKNOWN} below the first
     */
    record Place(long card, long from) {}

    /** The break of a number in the column of them. */
    synchronized Place place(int number) {
        return places.get(number);
    }

    private int place(Place one) {
        return placeNumbers.computeIfAbsent(one, fresh -> {
            places.add(fresh);
            return places.size() - 1;
        });
    }

    private int asked(@Nullable String text) {
        int number = askedTexts.number(text);
        if (number == askedCount) {
            Answers read = FrozenAnswers.read(Json.read(Objects.requireNonNull(text)));
            if (askedCount == asked.length) {
                asked = Arrays.copyOf(asked, asked.length * 2);
            }
            asked[askedCount] = read;
            shapes.put(askedCount, shape(read));
            typed.put(askedCount, read);
            askedCount++;
        }
        return number;
    }

    private int shape(Answers read) {
        Set<String> names = new TreeSet<>(read.byName().keySet());
        if (read.pack() != null) {
            names.add(PACK);
        }
        return shapeNumbers.computeIfAbsent(names, fresh -> {
            shapeNames.add(fresh);
            return shapeNames.size() - 1;
        });
    }

    static long scaled(@Nullable BigDecimal value, int decimals) {
        return value == null
                ? UNKNOWN
                : value.movePointRight(decimals)
                        .setScale(0, RoundingMode.HALF_UP)
                        .min(LARGEST)
                        .longValue();
    }
}
