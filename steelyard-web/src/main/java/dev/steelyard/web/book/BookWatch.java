package dev.steelyard.web.book;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether there are prices, of which revision, and how long they took to be made; for who watches. */
@Component("bookHealthIndicator")
class BookWatch implements HealthIndicator {

    private static final double NANOS = 1e9;

    private final Books books;

    BookWatch(Books books, MeterRegistry meters) {
        this.books = books;
        Gauge.builder("steelyard.book.revision", books, BookWatch::revision)
                .description("the revision of the prices that are in force here")
                .register(meters);
        Gauge.builder("steelyard.book.making", books, all -> all.madeInNanos() / NANOS)
                .description("how long the prices in force took to be made")
                .baseUnit("seconds")
                .register(meters);
        Gauge.builder("steelyard.book.age", books, all -> (System.nanoTime() - all.lookedAt()) / NANOS)
                .description("since it was looked whether the prices in force are the newest")
                .baseUnit("seconds")
                .register(meters);
    }

    private static double revision(Books books) {
        BookInForce held = books.held();
        return held == null ? Double.NaN : held.revision();
    }

    @Override
    public Health health() {
        BookInForce held = books.held();
        return held == null
                ? Health.down().withDetail("why", "no prices were made yet").build()
                : Health.up().withDetail("revision", held.revision()).build();
    }
}
