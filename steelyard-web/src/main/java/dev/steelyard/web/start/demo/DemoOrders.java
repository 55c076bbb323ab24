package dev.steelyard.web.start.demo;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.orders.OrderFreezer;
import dev.steelyard.web.selling.orders.Orders;
import dev.steelyard.web.selling.shown.AnswerWords;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The demo shop's orders of the last eighteen months, made up from a seed and priced as the counter prices, each at its own
 * moment. Until nine months ago a deck brush cost 14.20, as History says.
 */
@Component
public class DemoOrders {

    /** How many there are where nobody says. */
    public static final int USUAL = 3_000;

    static final String BRUSH = "BRU-1";
    static final BigDecimal BRUSH_BEFORE = new BigDecimal("14.20");

    private static final int MONTHS = 18;
    private static final int SEED = 18;
    private static final int MOST_LINES = 4;
    private static final int STORE_EVERY = 5;
    private static final int OTHERWISE_EVERY = 40;
    private static final int CODE_EVERY = 20;
    private static final int TOGETHER = 250;
    private static final List<String> PAYMENTS = List.of("card", "card", "card", "bank transfer", "invoice");

    /** How busy each month is, from January. */
    private static final int[] BUSY = {3, 4, 8, 10, 10, 8, 6, 5, 4, 3, 3, 4};

    private final Books books;
    private final Orders orders;
    private final OrderFreezer freezer;
    private final DemoPast past;
    private final Shops shops;

    DemoOrders(Books books, Orders orders, OrderFreezer freezer, DemoPast past, Shops shops) {
        this.books = books;
        this.orders = orders;
        this.freezer = freezer;
        this.past = past;
        this.shops = shops;
    }

    /**
     * Makes the orders of a demo shop that has none.
     *
     * @return how many were made
     */
    @Transactional
    public int fill(int wanted) {
        if (wanted == 0 || !past.isNew()) {
            return 0;
        }
        shops.hold();
        BookInForce book = books.refresh();
        LocalDate today = shops.today();
        LocalDate marked = past.brushMarked(today, book.shop().zone());
        Maker maker = new Maker(book, before(book), marked);
        List<Orders.Placed> made = new ArrayList<>();
        for (ZonedDateTime at : moments(wanted, today, book.shop().zone())) {
            made.add(maker.order(at));
            if (made.size() == TOGETHER) {
                orders.bring(made);
                made.clear();
            }
        }
        orders.bring(made);
        past.announcedAnew();
        shops.raiseRevision();
        return wanted;
    }

    /** The book in which a brush costs what it cost before. */
    private static PriceBook before(BookInForce book) {
        List<Product> products = book.goods().stream()
                .map(product -> product.sku().value().equals(BRUSH)
                        ? new Product(
                                product.sku(),
                                product.name(),
                                BRUSH_BEFORE,
                                product.unitCost(),
                                product.unitPriceDecimals(),
                                product.ownRows(),
                                product.variants(),
                                product.traits(),
                                product.told())
                        : product)
                .toList();
        return PriceBook.of(
                book.shop().rules(),
                book.cards().stream().map(one -> one.card()).toList(),
                book.deals().stream().map(one -> one.deal()).toList(),
                book.book().tax(),
                products);
    }

    /** When orders are placed, the first first; more of them in busy months, by day. */
    private static List<ZonedDateTime> moments(int wanted, LocalDate today, ZoneId zone) {
        Random random = new Random(SEED);
        LocalDate first = today.minusMonths(MONTHS);
        int days = (int) (today.toEpochDay() - first.toEpochDay());
        List<LocalDate> weighed = new ArrayList<>();
        for (int i = 0; i < days; i++) {
            LocalDate day = first.plusDays(i);
            for (int busy = 0; busy < BUSY[day.getMonthValue() - 1]; busy++) {
                weighed.add(day);
            }
        }
        ZonedDateTime[] moments = new ZonedDateTime[wanted];
        for (int i = 0; i < wanted; i++) {
            LocalDate day = weighed.get(random.nextInt(weighed.size()));
            moments[i] = day.atTime(7 + random.nextInt(15), random.nextInt(60), random.nextInt(60))
                    .atZone(zone);
        }
        Arrays.sort(moments);
        return List.of(moments);
    }

    /** Makes one order after the other. */
    private final class Maker {

        private final BookInForce book;
        private final PriceBook before;
        private final LocalDate marked;
        private final Random random = new Random(SEED + 1);
        private final DemoBuyers buyers = new DemoBuyers(random);
        private final DemoPicks picks = new DemoPicks(random);
        private int made;

        Maker(BookInForce book, PriceBook before, LocalDate marked) {
            this.book = book;
            this.before = before;
            this.marked = marked;
        }

        /** One that can be sold; picks that cannot are picked anew. */
        Orders.Placed order(ZonedDateTime at) {
            PriceBook by = at.toLocalDate().isBefore(marked) ? before : book.book();
            DemoBuyers.Buyer buyer = buyers.any();
            Customer customer = buyers.customer(buyer);
            String payment = PAYMENTS.get(random.nextInt(PAYMENTS.size()));
            List<String> codes = random.nextInt(CODE_EVERY) == 0 ? List.of("KEEL-TIDE-26") : List.of();
            Occasion occasion = Occasion.of(customer, payment, codes, at);
            while (true) {
                List<OrderLine> lines = new ArrayList<>();
                for (int i = random.nextInt(MOST_LINES); i >= 0; i--) {
                    lines.add(picks.any(at.getMonthValue(), buyer.group()));
                }
                PricedBasket basket = by.explainBasket(lines, occasion);
                if (basket.sellable()) {
                    return new Orders.Placed(frozen(buyer, occasion, codes, lines, basket), at.toInstant());
                }
            }
        }

        private NewOrder frozen(
                DemoBuyers.Buyer buyer,
                Occasion occasion,
                List<String> codes,
                List<OrderLine> lines,
                PricedBasket basket) {
            List<OrderFreezer.Line> told = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                OrderLine line = lines.get(i);
                PricedLine priced = (PricedLine) basket.lines().get(i);
                PreparedCard card =
                        Objects.requireNonNull(book.book().cardFor(line.sku(), occasion.customer(), occasion.at()));
                told.add(new OrderFreezer.Line(
                        line,
                        priced.item().told(),
                        AnswerWords.of(card.card(), line.answers()),
                        null,
                        book.version(card)));
            }
            String payment = Objects.requireNonNull(occasion.payment());
            OrderFreezer.Who who =
                    new OrderFreezer.Who(buyer.name(), buyer.email(), payment, payment.equals("card") ? "1111" : "");
            String key = new UUID(SEED, made++).toString();
            NewOrder order = freezer.freeze(
                    key, who, new OrderFreezer.Sold(basket, book, occasion, codes, Words.owners(), told));
            return made % STORE_EVERY == 0 ? order.soldBy(store(order, occasion.at()), key, who) : order;
        }

        private NewOrder.Store store(NewOrder order, ZonedDateTime at) {
            BigDecimal charged = made % OTHERWISE_EVERY == 0 ? order.total().add(BigDecimal.ONE) : order.total();
            List<@Nullable BigDecimal> lines = new ArrayList<>();
            order.lines().forEach(line -> lines.add(line.total()));
            return new NewOrder.Store(
                    "W-" + (20_000 + made), at.toInstant(), "server key Web store", null, charged, lines);
        }
    }
}
