package dev.steelyard.web.selling.orders;

import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * An order about to be stored, everything in it final: figures, names and reckonings are copies that no later change
 * touches.
 *
 * @param checkoutKey the key that makes placing it idempotent
 * @param pricedFor the customer group whose prices these are; none for everyone's
 * @param country where the goods go to; none for an order of before there was tax
 * @param total what is paid, tax included or added
 * @param payment the way of paying
 * @param paymentReference the payment service's; empty where it took no money
 * @param cardEnding empty where no card was used
 * @param goodsTotal what the lines came to before deals; none for an order of before there were any
 * @param withoutTax whether the buyer sees figures without the tax they contain
 * @param unusedDeals what did not count, each with why
 * @param language in which the buyer read it; none for an order of before there were several
 * @param asked how its prices were asked for, so that they can be again; none for an order of before that was kept
 * @param store that reported it; none for an order of the counter
 */
public record NewOrder(
        String checkoutKey,
        @Nullable String pricedFor,
        LocalDate pricedOn,
        String buyer,
        String email,
        @Nullable String country,
        String currency,
        int minorDigits,
        BigDecimal total,
        String payment,
        String paymentReference,
        String cardEnding,
        @Nullable BigDecimal goodsTotal,
        boolean taxIncluded,
        List<Tax> tax,
        List<Deal> deals,
        List<UnusedDeal> unusedDeals,
        List<String> codes,
        Seller seller,
        boolean withoutTax,
        @Nullable String language,
        @Nullable Asked asked,
        @Nullable Store store,
        List<Line> lines) {

    /**
     * The owner's own store, where an order was sold there.
     *
     * @param number of the order, as the store gave it
     * @param placedAt when
     * @param key by whose name it was reported
     * @param quote by which it was sold; none where it was by none
     * @param charged what was paid in all
     * @param lines what was charged for each, before deals; none for those of which that was not said
     */
    public record Store(
            String number,
            Instant placedAt,
            String key,
            @Nullable String quote,
            BigDecimal charged,
            List<@Nullable BigDecimal> lines) {}

    /**
     * Who asked for prices, and when; the customer's group and the country stand beside it.
     *
     * @param at the moment prices were for
     * @param payment the method by the word that deals name it with; none where none was picked
     * @param codeLists of which a code was given that counted
     */
    public record Asked(
            Instant at, boolean signedIn, boolean firstOrder, @Nullable String payment, List<String> codeLists) {}

    public NewOrder {
        seller = Objects.requireNonNullElse(seller, Seller.UNKNOWN);
        // a checkout begun before there were deals has none of these
        payment = Objects.requireNonNullElse(payment, "card");
        tax = Objects.requireNonNullElse(tax, List.of());
        deals = Objects.requireNonNullElse(deals, List.of());
        unusedDeals = Objects.requireNonNullElse(unusedDeals, List.of());
        codes = Objects.requireNonNullElse(codes, List.of());
    }

    /** The same with the payment service's reference. */
    public NewOrder paid(String reference) {
        return new NewOrder(
                checkoutKey,
                pricedFor,
                pricedOn,
                buyer,
                email,
                country,
                currency,
                minorDigits,
                total,
                payment,
                reference,
                cardEnding,
                goodsTotal,
                taxIncluded,
                tax,
                deals,
                unusedDeals,
                codes,
                seller,
                withoutTax,
                language,
                asked,
                store,
                lines);
    }

    /** The same as the owner's own store sold it. */
    public NewOrder soldBy(Store where, String checkout, OrderFreezer.Who who) {
        return new NewOrder(
                checkout,
                pricedFor,
                pricedOn,
                who.name(),
                who.email(),
                country,
                currency,
                minorDigits,
                total,
                who.payment().isEmpty() ? payment : who.payment(),
                paymentReference,
                who.cardEnding(),
                goodsTotal,
                taxIncluded,
                tax,
                deals,
                unusedDeals,
                codes,
                seller,
                withoutTax,
                language,
                asked,
                where,
                lines);
    }

    /**
     * Who sells, as an invoice says it.
     *
     * @param address its lines; none for none
     * @param taxNumber empty for none
     */
    public record Seller(String name, List<String> address, String taxNumber) {

        static final Seller UNKNOWN = new Seller("", List.of(), "");

        public Seller {
            name = Objects.requireNonNullElse(name, "");
            address = Objects.requireNonNullElse(address, List.of());
            taxNumber = Objects.requireNonNullElse(taxNumber, "");
        }
    }

    /** The tax of one rate, in percent, and what it is reckoned of. */
    public record Tax(BigDecimal rate, BigDecimal of, BigDecimal tax) {}

    /**
     * A deal that counted.
     *
     * @param told its words in the languages they are written in; none for an order of before there were any
     * @param saved below 0 where it added
     * @param detail the figures it went by, as {@link FrozenFacts} keeps them
     * @param shares what it took off each line, in order
     * @param id of the deal; none where it is not known
     */
    public record Deal(
            String name,
            String words,
            @Nullable JsonNode told,
            BigDecimal saved,
            @Nullable JsonNode detail,
            List<BigDecimal> shares,
            @Nullable Long id,
            @Nullable Long version) {}

    /** A deal that did not count, and why, as {@link FrozenFacts} keeps it. */
    public record UnusedDeal(String name, @Nullable JsonNode why) {}

    /**
     * A line.
     *
     * @param told its name in the languages it is written in; none for an order of before there were any
     * @param pieceDecimals decimals the price of one piece is shown with
     * @param total before deals
     * @param afterDeals what deals left of it; none for an order of before there were any
     * @param taxRate in percent; none where no tax was reckoned
     * @param tax the line's own, for show
     * @param answers “Length 523 cm”, and the variants of a lot's pieces, each as {@link FrozenFacts} keeps it
     * @param card the name of the rate card that priced it
     * @param cardId of that card; none for the shelf price
     * @param cardVersion the version of it; none for the shelf price
     * @param reckoning its steps, as {@link FrozenFacts} keeps them
     * @param asked what was asked for, as {@link FrozenAnswers} keeps it; none for a line of before that was kept
     * @param figures none for a line of before they were kept
     */
    public record Line(
            long productId,
            String sku,
            String name,
            @Nullable JsonNode told,
            int quantity,
            BigDecimal pricePerPiece,
            int pieceDecimals,
            BigDecimal total,
            @Nullable BigDecimal afterDeals,
            @Nullable BigDecimal taxRate,
            @Nullable BigDecimal tax,
            List<JsonNode> answers,
            String card,
            @Nullable Long cardId,
            @Nullable Long cardVersion,
            JsonNode reckoning,
            @Nullable JsonNode asked,
            @Nullable Figures figures) {

        public Line {
            answers = answers == null ? List.of() : answers; // a checkout begun before answers were frozen has none
        }
    }

    /**
     * What a line is weighed by later.
     *
     * @param amount of all its pieces in base units; none where nothing is measured
     * @param reached the threshold of the break that counted; none below the first
     * @param reduced by breaks
     * @param cost of all of it; none where that is not known
     */
    public record Figures(
            @Nullable BigDecimal amount, @Nullable BigDecimal reached, BigDecimal reduced, @Nullable BigDecimal cost) {

        /** Those of a line with its price. */
        static Figures of(PricedLine line) {
            Figure billable = line.billable();
            Unit unit = billable == null ? null : billable.unit();
            return new Figures(
                    unit == null ? null : unit.toBase(billable.value()).multiply(BigDecimal.valueOf(line.quantity())),
                    line.reached() == null ? null : line.reached().from(),
                    line.reduced().value(),
                    line.cost());
        }
    }
}
