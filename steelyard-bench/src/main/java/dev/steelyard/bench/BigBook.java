package dev.steelyard.bench;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import java.util.List;

/** Builds a book of 100,000 products with 300,000 price rows and 1,000 cards, and prints its time and memory. */
public final class BigBook {

    private BigBook() {}

    public static void main(String[] arguments) {
        List<Product> products = Goods.products(100_000, 3);
        List<PreparedCard> cards = Goods.cards(1000);
        PriceBook.of(Goods.EURO, cards, products); // warms up
        long before = used();
        long start = System.nanoTime();
        PriceBook book = PriceBook.of(Goods.EURO, cards, products);
        long millis = (System.nanoTime() - start) / 1_000_000;
        long bytes = used() - before;
        System.out.println("A book of 100,000 products, 1,000 cards and 300,000 price rows: built in " + millis
                + " ms; " + bytes / 1_000_000 + " MB beside the goods and cards themselves, "
                + used() / 1_000_000 + " MB in all (" + book.rules().currency() + ")");
    }

    private static long used() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory();
    }
}
