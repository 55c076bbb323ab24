package dev.steelyard.web.store.prices;

import dev.steelyard.format.Obj;
import dev.steelyard.format.TimeText;
import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.store.keys.StoreKey;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Lines whose prices are asked.
 *
 * @param at the moment prices are for; none for now
 * @param together whether ladders over product and card count the lines as one basket; else each line stands by itself
 * @param reckoning whether the answer says how each price came about
 * @param tokens whether each priced line is to be signed, so that it can be charged as it was shown
 * @param byToken whether a token says who buys, which is good until some second
 */
public record PricesRequest(
        AskedCustomer customer,
        @Nullable ZonedDateTime at,
        boolean together,
        boolean reckoning,
        boolean tokens,
        boolean byToken,
        List<AskedLine> lines) {

    public static final int MOST_LINES = 500;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "PricesRequest")
    record Body(
            @Nullable CustomerBody customer,
            @Schema(description = "a customer token that the store’s server signed; for pages") @Nullable
                    String customerToken,
            @Schema(
                            description =
                                    "the moment prices are for, with an offset or in the shop’s time zone; now unless said",
                            example = "2027-04-01T09:30:00+02:00")
                    @Nullable
                    String at,
            @Schema(
                            description =
                                    "true: ladders over product and card count the lines as one basket; false: each line by itself")
                    boolean together,
            @Schema(description = "whether to say how each price came about; for servers") @Nullable Boolean reckoning,
            @Schema(description = "whether to sign each priced line, so that what was shown can be charged") @Nullable
                    Boolean tokens,
            List<LineBody> lines) {}

    /** Who buys. */
    @Schema(name = "Customer")
    public record CustomerBody(
            @Schema(description = "a customer group of the shop", example = "Boatyard") @Nullable String group,
            @Nullable Boolean signedIn,
            @Schema(description = "whether it is their first order") @Nullable Boolean firstOrder,
            @Schema(description = "where goods go to, ISO 3166; the shop’s own country unless said", example = "FR")
                    @Nullable
                    String country) {}

    /** A line. */
    @Schema(name = "LineAsked")
    public record LineBody(
            @Schema(description = "whatever the store calls it; comes back") @Nullable String id,
            @Schema(example = "COVER") String sku,
            @Schema(
                            description = "pieces: a whole number",
                            oneOf = {Integer.class, String.class})
                    Object quantity,
            @Schema(
                            description =
                                    "what the card asks, by name: a number in the unit of the ask, a text, or {value, unit}",
                            example =
                                    "{\"length\": {\"value\": \"5.2\", \"unit\": \"m\"}, \"width\": 211, \"hem\": \"plain\", \"fixing\": \"loose\"}")
                    @Nullable
                    Map<String, Object> answers,
            @Schema(description = "the pack picked, by name") @Nullable String pack,
            @Schema(
                            description =
                                    "the variant of each piece of a lot, by SKU; kept with the order, no price hangs on it")
                    @Nullable
                    List<String> variants) {}

    static PricesRequest read(Obj in, StoreKey key, Customers customers, BookInForce book) {
        AskedCustomer customer = customers.read(in, key, book);
        ZonedDateTime at = in.parsed("at", TimeText.MOMENT);
        if (at != null && key.isPage()) {
            in.fault("at", "a page asks for prices of now only");
        }
        Boolean together = in.optionalFlag("together");
        if (together == null && !in.has("together")) {
            in.fault("together", "“together” is missing: true for the lines of one basket, false for goods of a list");
        }
        boolean reckoning = in.flag("reckoning", false);
        if (reckoning && key.isPage()) {
            in.fault(
                    "reckoning",
                    "a page is not told how prices come about; the panel shows what shoppers may see of it");
        }
        return new PricesRequest(
                customer,
                at,
                Boolean.TRUE.equals(together),
                reckoning,
                in.flag("tokens", false),
                in.has("customerToken"),
                lines(in));
    }

    /** Whether the same prices are right for whoever asks the same within this minute. */
    boolean holdsForAMinute() {
        return at == null && !tokens && !byToken;
    }

    /** At least one, at most {@value #MOST_LINES}. */
    static List<AskedLine> lines(Obj in) {
        return bounded(in, in.objects("lines", AskedLine::read));
    }

    /** The same of lines that were read already. */
    public static List<AskedLine> bounded(Obj in, List<AskedLine> lines) {
        if (lines.size() > MOST_LINES) {
            throw new ProblemFound(
                    Problem.TOO_MANY_LINES, "A request has at most " + MOST_LINES + " lines, not " + lines.size());
        } else if (lines.isEmpty()) {
            in.fault("lines", "there are no lines: name at least one");
        }
        return lines;
    }
}
