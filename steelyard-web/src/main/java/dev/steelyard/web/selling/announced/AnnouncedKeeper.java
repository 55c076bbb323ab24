package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.Announced;
import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.book.Transitions;
import dev.steelyard.web.selling.announced.AnnouncedSpans.New;
import dev.steelyard.web.selling.announced.AnnouncedSpans.Until;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps what everyone pays for one of each item: whenever prices have changed, and whenever they change by themselves, at
 * midnight and where something begins or ends. What went by while nothing ran is made up for, moment by moment, from the
 * prices that counted. Of several nodes the first does it.
 */
@Service
public class AnnouncedKeeper {

    private static final Logger log = LoggerFactory.getLogger(AnnouncedKeeper.class);
    private static final int TOGETHER = 5_000;

    private final AnnouncedSpans spans;
    private final Books books;
    private final AnnouncedPast past;
    private final Reductions reductions;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private @Nullable Until seen;
    private @Nullable BookInForce kept;

    AnnouncedKeeper(
            AnnouncedSpans spans,
            Books books,
            AnnouncedPast past,
            Reductions reductions,
            TransactionTemplate transaction,
            Clock clock) {
        this.spans = spans;
        this.books = books;
        this.past = past;
        this.reductions = reductions;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "3s", initialDelayString = "10s")
    void follow() {
        BookInForce book = books.held();
        if (book == null) {
            return;
        }
        try {
            look(book);
        } catch (DataAccessException | CannotCreateTransactionException away) {
            log.warn("Announced prices could not be kept; it is tried again: {}", away.getMessage());
        }
    }

    /** Looks at how far prices are kept anew when it looks next. */
    synchronized void forget() {
        seen = null;
        kept = null;
    }

    /** Keeps what is announced by the newest prices, at once. */
    public void lookNow() {
        look(books.refresh());
    }

    private synchronized void look(BookInForce book) {
        ZonedDateTime now = clock.instant().atZone(book.shop().zone());
        Transitions transitions = new Transitions(book);
        Until known = seen;
        if (known == null
                || known.revision() != book.revision()
                || !transitions
                        .between(known.sweptAt().atZone(book.shop().zone()), now)
                        .isEmpty()) {
            transaction.executeWithoutResult(status -> keep(book, transitions, now));
            seen = spans.until();
            reductions.renew(book, now);
        }
    }

    private void keep(BookInForce book, Transitions transitions, ZonedDateTime now) {
        Until until = spans.held();
        if (until.revision() > book.revision()) {
            return; // another node has newer prices, and kept them
        }
        AnnouncedPrices prices = OwnersTimes.prices(book);
        if (until.revision() == book.revision()) {
            NavigableSet<ZonedDateTime> moments =
                    transitions.between(until.sweptAt().atZone(now.getZone()), now);
            if (!moments.isEmpty()) {
                Set<Product> products = transitions.products();
                Map<String, String> open = spans.open(skus(products));
                moments.forEach(moment -> at(moment, products, prices, open));
            }
        } else {
            changed(book, until, prices, now);
        }
        spans.put(new Until(book.revision(), now.toInstant()));
        kept = book;
    }

    /** Prices have changed: those of the goods that did, where nothing else has, else all. */
    private void changed(BookInForce book, Until until, AnnouncedPrices prices, ZonedDateTime now) {
        BookInForce last = kept;
        boolean some = last != null
                && last.revision() == until.revision()
                && last.shop().rules().equals(book.shop().rules())
                && last.cards().equals(book.cards())
                && last.deals().equals(book.deals())
                && Objects.equals(last.book().tax(), book.book().tax());
        SharedList.Change<Product> change =
                some ? last.goods().to(book.goods()) : new SharedList.Change<>(List.of(), book.goods());
        Map<String, String> open = some
                ? spans.open(Stream.of(skus(change.gone()), skus(change.come()))
                        .flatMap(List::stream)
                        .toList())
                : spans.open();
        if (until.revision() < 0) {
            past.fill(book, now, open);
        }
        Set<String> gone = new HashSet<>(open.keySet());
        skus(change.come()).forEach(gone::remove);
        spans.close(List.copyOf(gone), now.toInstant());
        gone.forEach(open::remove);
        at(now, change.come(), prices, open);
    }

    private static List<String> skus(Collection<Product> products) {
        return products.stream()
                .flatMap(product -> product.items().stream())
                .map(item -> item.sku().value())
                .toList();
    }

    private void at(
            ZonedDateTime moment, Iterable<Product> products, AnnouncedPrices prices, Map<String, String> open) {
        List<String> ended = new ArrayList<>();
        List<New> begun = new ArrayList<>();
        for (Product product : products) {
            for (Item item : product.items()) {
                String sku = item.sku().value();
                Announced announced = prices.of(item, moment).orElse(null);
                String before = open.getOrDefault(sku, "");
                String after = AnnouncedSpans.written(announced);
                if (before.equals(after)) {
                    continue;
                }
                if (!before.isEmpty()) {
                    ended.add(sku);
                    open.remove(sku);
                }
                if (announced != null) {
                    begun.add(new New(sku, announced, moment.toInstant(), null));
                    open.put(sku, after);
                }
            }
            if (ended.size() + begun.size() >= TOGETHER) {
                write(ended, begun, moment);
            }
        }
        write(ended, begun, moment);
    }

    private void write(List<String> ended, List<New> begun, ZonedDateTime moment) {
        spans.close(ended, moment.toInstant());
        spans.begin(begun);
        ended.clear();
        begun.clear();
    }
}
