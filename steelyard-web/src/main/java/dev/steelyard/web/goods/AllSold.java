package dev.steelyard.web.goods;

import dev.steelyard.web.goods.GoodsReader.Same;
import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads all goods that are sold, in no order, some thousands after others, so that rows are not held beside what is made of
 * them.
 */
@Component
class AllSold {

    private static final Logger log = LoggerFactory.getLogger(AllSold.class);
    private static final int STRETCH = 20_000;

    private final GoodsReader reader;
    private final Shelving shelving;
    private final Shops shops;
    private final TransactionTemplate beside;
    private final int stretch;

    @Autowired
    AllSold(GoodsReader reader, Shelving shelving, Shops shops, TransactionTemplate template) {
        this(reader, shelving, shops, template, STRETCH);
    }

    AllSold(GoodsReader reader, Shelving shelving, Shops shops, TransactionTemplate template, int stretch) {
        this.reader = reader;
        this.shelving = shelving;
        this.shops = shops;
        this.beside = new TransactionTemplate(Objects.requireNonNull(template.getTransactionManager()));
        this.beside.setReadOnly(true);
        this.beside.setIsolationLevel(Isolation.REPEATABLE_READ.value());
        this.stretch = stretch;
    }

    /** As the caller's transaction sees them. */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<SoldProduct> alone() {
        return new Reading().some();
    }

    /**
     * The same with a second reader in a transaction of its own, for as one alone reads it waits for the database, or that for
     * it. It helps where it sees the same revision and there is a connection for it; else the caller reads all.
     *
     * @param revision of prices in the caller's transaction
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<SoldProduct> at(long revision) {
        Reading reading = new Reading();
        CompletableFuture<List<SoldProduct>> helper = new CompletableFuture<>();
        Thread thread = new Thread(() -> help(reading, revision, helper), "goods");
        thread.setDaemon(true);
        thread.start();
        List<SoldProduct> all = reading.some();
        all.addAll(found(helper));
        return all;
    }

    private static List<SoldProduct> found(CompletableFuture<List<SoldProduct>> helper) {
        try {
            return helper.join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : failed; // some are tried again
        }
    }

    private void help(Reading reading, long revision, CompletableFuture<List<SoldProduct>> found) {
        try {
            found.complete(beside.execute(status -> shops.revision() == revision ? reading.some() : List.of()));
        } catch (CannotCreateTransactionException none) {
            log.info("Goods are read by one alone: {}", none.getMessage());
            found.complete(List.of());
        } catch (RuntimeException | Error failed) { // of what it had taken in hand nobody else reads
            found.completeExceptionally(failed);
        }
    }

    /** How far it is. */
    private final class Reading {

        private final Shelving.Names names = shelving.names();
        private long upTo;
        private boolean through;

        /** A stretch of numbers that nobody has in hand yet; none where all have been taken. */
        private synchronized @Nullable Stretch next() {
            Long last = through ? null : reader.lastOf(upTo, stretch);
            if (last == null) {
                through = true;
                return null;
            }
            Stretch next = new Stretch(upTo, last);
            upTo = last;
            return next;
        }

        /** All that is left when one begins, but for what others take; by name, so that this is done by two, too. */
        private List<SoldProduct> some() {
            List<SoldProduct> found = new ArrayList<>();
            Same same = new Same();
            for (Stretch one = next(); one != null; one = next()) {
                for (GoodsReader.Read read : reader.stretch(one.after(), one.upTo(), names, same)) {
                    found.add(SoldProduct.of(read));
                }
            }
            found.sort(Assortment.BY_NAME);
            return found;
        }
    }

    private record Stretch(long after, long upTo) {}
}
