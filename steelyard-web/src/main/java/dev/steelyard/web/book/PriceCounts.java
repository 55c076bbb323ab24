package dev.steelyard.web.book;

import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.util.List;
import org.springframework.stereotype.Component;

/** How many lines were priced for shoppers and stores, and how many refused; for who watches. */
@Component
public class PriceCounts {

    private final Counter priced;
    private final Counter refused;

    PriceCounts(MeterRegistry meters) {
        this.priced = counter("priced", meters);
        this.refused = counter("refused", meters);
    }

    private static Counter counter(String outcome, MeterRegistry meters) {
        return Counter.builder("steelyard.prices")
                .description("lines that were priced, or refused")
                .tag("outcome", outcome)
                .register(meters);
    }

    /** @return the same */
    public List<LineResult> count(List<LineResult> results) {
        int good = 0;
        for (LineResult result : results) {
            good += result instanceof PricedLine ? 1 : 0;
        }
        count(good, results.size() - good);
        return results;
    }

    /** Counts lines that were told again as they were before. */
    public void count(int good, int others) {
        priced.increment(good);
        if (others > 0) {
            refused.increment(others);
        }
    }
}
