package dev.steelyard.web.store.quotes;

import dev.steelyard.format.Obj;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.BasketRequest;
import dev.steelyard.web.store.prices.Customers;
import dev.steelyard.web.store.prices.PricesRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A basket whose price is to be kept for a while. */
record QuoteRequest(BasketRequest basket, Duration validFor) {

    private static final int USUAL_MINUTES = 30;
    private static final int MOST_MINUTES = 30 * 24 * 60;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "QuoteRequest")
    record Body(
            PricesRequest.@Nullable CustomerBody customer,
            @Nullable String customerToken,
            List<PricesRequest.LineBody> lines,
            @Nullable List<String> codes,
            @Schema(example = "bank transfer") @Nullable String payment,
            @Nullable String at,
            @Nullable Boolean reckoning,
            @Schema(description = "how long it holds: 30 unless said, at most 43200, which are 30 days") @Nullable
                    Integer validMinutes) {}

    static QuoteRequest read(
            Obj in, StoreKey key, Customers customers, BookInForce book, Supplier<List<PaymentMethod>> ways) {
        BasketRequest basket = BasketRequest.read(in, key, customers, book, ways);
        if (basket.at() != null) {
            in.fault("at", "a quote is at prices of now");
        }
        Integer minutes = in.optionalWhole("validMinutes", 1, MOST_MINUTES);
        return new QuoteRequest(basket, Duration.ofMinutes(minutes == null ? USUAL_MINUTES : minutes));
    }
}
