package dev.steelyard.web.store.sold;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.format.Obj;
import dev.steelyard.format.TimeText;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.store.keys.StoreKey;
import dev.steelyard.web.store.prices.AskedCustomer;
import dev.steelyard.web.store.prices.AskedLine;
import dev.steelyard.web.store.prices.BasketRequest;
import dev.steelyard.web.store.prices.Customers;
import dev.steelyard.web.store.prices.PricesRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * An order that a store sold.
 *
 * @param placedAt when; none for now
 * @param quote by which it was sold; its lines are the quote's then
 * @param basket what was sold; none with a quote
 * @param charged what was paid
 * @param lines what was charged for each line, before deals; none for those of which that was not said
 */
record SoldRequest(
        String number,
        @Nullable ZonedDateTime placedAt,
        String buyer,
        String email,
        String payment,
        @Nullable String quote,
        @Nullable BasketRequest basket,
        BigDecimal charged,
        List<@Nullable BigDecimal> lines) {

    private static final int LONGEST_NUMBER = 60;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_EMAIL = 254;
    private static final int LONGEST_PAYMENT = 60;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "OrderRequest")
    record Body(
            @Schema(description = "the store’s number of the order", example = "Q-20145") String number,
            @Schema(description = "when it was placed; now unless said", example = "2026-11-30T10:15:00Z") @Nullable
                    String placedAt,
            @Nullable Buyer buyer,
            @Schema(description = "how it is paid, in a word", example = "bank transfer") @Nullable String payment,
            @Schema(description = "the quote by which it was sold; then no customer, lines or codes") @Nullable
                    String quote,
            PricesRequest.@Nullable CustomerBody customer,
            @Nullable String customerToken,
            @Schema(description = "what was sold, with what was charged for each") @Nullable List<LineSold> lines,
            @Nullable List<String> codes,
            @Schema(description = "what was paid in all", example = "331.20") String charged) {}

    /** Who buys. */
    @Schema(name = "Buyer")
    record Buyer(@Nullable String name, @Nullable String email) {}

    /** A line that was sold. */
    @Schema(name = "LineSold")
    record LineSold(
            @Nullable String id,
            String sku,
            @Schema(oneOf = {Integer.class, String.class}) Object quantity,
            @Nullable Map<String, Object> answers,
            @Nullable String pack,
            @Nullable List<String> variants,
            @Schema(description = "what the line was charged with, before deals") @Nullable String charged) {}

    static SoldRequest read(Obj in, StoreKey key, Customers customers, BookInForce book) {
        String number = bounded(in, "number", in.text("number"), LONGEST_NUMBER);
        if (number.isBlank() || number.contains("/")) {
            in.fault(
                    "number",
                    "an order’s number has 1 to " + LONGEST_NUMBER + " characters and no /: it stands in addresses");
        }
        ZonedDateTime placedAt = in.parsed("placedAt", TimeText.MOMENT);
        Obj buyer = in.optionalObject("buyer");
        String name = buyer == null ? "" : bounded(buyer, "name", text(buyer, "name"), LONGEST_NAME);
        String email = buyer == null ? "" : bounded(buyer, "email", text(buyer, "email"), LONGEST_EMAIL);
        if (buyer != null) {
            buyer.done();
        }
        String payment = bounded(in, "payment", text(in, "payment"), LONGEST_PAYMENT);
        String quote = in.optionalText("quote");
        AskedCustomer customer = customers.read(in, key, book);
        List<@Nullable BigDecimal> charged = new ArrayList<>();
        List<AskedLine> lines = in.objects("lines", line -> {
            charged.add(line.optionalDecimal("charged"));
            return AskedLine.read(line);
        });
        List<String> codes =
                in.texts("codes").stream().map(Conditions::normal).distinct().toList();
        if (quote == null) {
            PricesRequest.bounded(in, lines);
        } else {
            for (String field : List.of("lines", "codes", "customer", "customerToken")) {
                if (in.has(field)) {
                    in.fault(field, "an order by a quote is the quote’s; leave this out");
                }
            }
        }
        BigDecimal paid = in.decimal("charged");
        int minor = book.shop().minorDigits();
        if (paid.stripTrailingZeros().scale() > minor || paid.signum() < 0) {
            in.fault(
                    "charged",
                    "a sum in " + book.shop().currency() + " with at most " + minor + " decimals, not below 0");
        }
        return new SoldRequest(
                number,
                placedAt,
                name,
                email,
                payment,
                quote,
                quote == null
                        ? new BasketRequest(customer, lines, codes, payment.isEmpty() ? null : payment, placedAt, false)
                        : null,
                paid,
                charged);
    }

    private static String text(Obj in, String field) {
        return Objects.requireNonNullElse(in.optionalText(field), "");
    }

    private static String bounded(Obj in, String field, String text, int longest) {
        if (text.length() > longest) {
            in.fault(field, "at most " + longest + " characters, not " + text.length());
        }
        return text;
    }
}
