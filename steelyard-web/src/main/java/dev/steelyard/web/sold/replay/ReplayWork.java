package dev.steelyard.web.sold.replay;

import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.replay.Assumption;
import dev.steelyard.core.replay.Replay;
import dev.steelyard.core.replay.Replayed;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Holds orders against prices that are tried, some hundreds at a time. */
@Component
class ReplayWork {

    private static final int AT_ONCE = 500;

    private final Sales sales;
    private final SoldBaskets baskets;

    ReplayWork(Sales sales, SoldBaskets baskets) {
        this.sales = sales;
        this.baskets = baskets;
    }

    /** The orders that are meant. */
    List<Long> orders(Which which, List<Tried> tried) {
        return sales.sold().orders(which, products(tried));
    }

    /** None where any product may have another price under one of them. */
    private static @Nullable Set<String> products(List<Tried> tried) {
        Set<String> all = new HashSet<>();
        for (Tried one : tried) {
            if (one.products() == null) {
                return null;
            }
            all.addAll(one.products());
        }
        return all;
    }

    /**
     * One for each that is tried, in their order.
     *
     * @param book that counts now
     * @param told how many orders are done; may throw to end it
     */
    List<ReplayResult> run(
            BookInForce book,
            List<Long> orders,
            List<Tried> tried,
            Assumption assumption,
            @Nullable BigDecimal bound,
            IntConsumer told) {
        List<PriceBook> others = tried.stream().map(Tried::book).toList();
        Replay replay = new Replay(book.book(), others, assumption, bound);
        long unknown = 0;
        for (int i = 0; i < orders.size(); i += AT_ONCE) {
            told.accept(i);
            unknown += baskets.read(
                    orders.subList(i, Math.min(orders.size(), i + AT_ONCE)),
                    book.shop().zone(),
                    replay::add);
        }
        told.accept(orders.size());
        List<ReplayResult> results = new ArrayList<>();
        List<Replayed> all = replay.all();
        for (int i = 0; i < all.size(); i++) {
            Replayed one = all.get(i);
            Set<Long> named = new HashSet<>();
            one.most().forEach(change -> named.add(change.id()));
            one.overMost().forEach(change -> named.add(change.id()));
            one.refusedMost().forEach(change -> named.add(change.id()));
            results.add(ReplayResult.of(tried.get(i).label(), one, baskets.numbers(named), unknown));
        }
        return results;
    }
}
