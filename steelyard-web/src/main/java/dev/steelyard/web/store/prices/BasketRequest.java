package dev.steelyard.web.store.prices;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.format.Obj;
import dev.steelyard.format.TimeText;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.store.keys.StoreKey;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A basket whose price is asked.
 *
 * @param codes as they are compared
 * @param payment the way to pay, by the word that deals name it with; none where none is picked
 * @param at the moment prices are for; none for now
 */
public record BasketRequest(
        AskedCustomer customer,
        List<AskedLine> lines,
        List<String> codes,
        @Nullable String payment,
        @Nullable ZonedDateTime at,
        boolean reckoning) {

    static final int MOST_CODES = 10;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "BasketRequest")
    record Body(
            PricesRequest.@Nullable CustomerBody customer,
            @Nullable String customerToken,
            List<PricesRequest.LineBody> lines,
            @Schema(description = "codes that the shopper typed") @Nullable List<String> codes,
            @Schema(description = "the way to pay that is picked", example = "bank transfer") @Nullable String payment,
            @Nullable String at,
            @Schema(description = "whether to say how each price came about") @Nullable Boolean reckoning) {}

    /** @param ways to pay that the shop offers; asked only where one is named */
    public static BasketRequest read(
            Obj in, StoreKey key, Customers customers, BookInForce book, Supplier<List<PaymentMethod>> ways) {
        AskedCustomer customer = customers.read(in, key, book);
        List<AskedLine> lines = PricesRequest.lines(in);
        List<String> codes =
                in.texts("codes").stream().map(Conditions::normal).distinct().toList();
        if (codes.size() > MOST_CODES) {
            in.fault("codes", "at most " + MOST_CODES + " codes, not " + codes.size());
        }
        String payment = in.optionalText("payment");
        if (payment != null) {
            List<String> known = ways.get().stream().map(PaymentMethod::label).toList();
            if (!known.contains(payment)) {
                in.fault("payment", "there is no way to pay “" + payment + "”; there are " + String.join(", ", known));
            }
        }
        return new BasketRequest(
                customer, lines, codes, payment, in.parsed("at", TimeText.MOMENT), in.flag("reckoning", false));
    }
}
