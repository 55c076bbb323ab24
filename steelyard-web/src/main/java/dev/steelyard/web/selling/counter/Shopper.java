package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.codes.CodeStanding;
import dev.steelyard.web.selling.payment.PaymentMethod;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.words.Words;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Who is at the counter, with a copy of their basket.
 *
 * @param basketId none for someone who has not put anything anywhere yet
 * @param group the customer group they are in; none for a guest
 * @param signedIn whether they are signed in; whoever is in a group is
 * @param country where the goods go to, by its ISO 3166 code; none where it was not said
 * @param home where they go to then
 * @param firstOrder whether nothing was ever ordered from this basket
 * @param payment the method of payment picked, or the one that counts until one is
 * @param codes typed, as they are compared
 * @param codeStanding which of them, being of lists, still count
 * @param at the moment prices are for, in the shop's time zone
 * @param today whether that is now; else another day or time
 * @param words of their language
 */
public record Shopper(
        @Nullable Long basketId,
        @Nullable String group,
        boolean signedIn,
        @Nullable String country,
        String home,
        boolean firstOrder,
        String payment,
        List<String> codes,
        CodeStanding codeStanding,
        ZonedDateTime at,
        boolean today,
        List<Picked> picked,
        Words words) {

    /**
     * A line of the basket before it has a price.
     *
     * @param id of the line
     * @param variants the variant of each piece of a lot, by SKU; empty where one goes for all
     * @param seen what it cost when it was put in, as {@link AloneSeen} writes it; none where that is not known
     */
    public record Picked(
            long id,
            String sku,
            String name,
            int quantity,
            TypedAnswers answers,
            List<String> variants,
            @Nullable String seen) {

        /** The same with another quantity. */
        Picked of(int pieces) {
            return new Picked(id, sku, name, pieces, answers, variants, seen);
        }
    }

    /**
     * A line of the basket with what it is of.
     *
     * @param offer what its SKU sells to the shopper now; none where nothing
     * @param given its answers, as the card that prices it now asks for them
     */
    public record Offered(Picked picked, @Nullable Offer offer, Answers given) {

        /** As it is priced. */
        public OrderLine line() {
            return new OrderLine(new Sku(picked.sku()), picked.quantity(), given);
        }
    }

    /** The day prices are for. */
    public LocalDate day() {
        return at.toLocalDate();
    }

    /** The time of day they want prices for, as time fields take it; empty for whatever time it is. */
    public String time() {
        return today ? "" : at.toLocalTime().truncatedTo(ChronoUnit.MINUTES).toString();
    }

    /** Someone who has not put anything anywhere yet. */
    static Shopper guest(String home, ZonedDateTime now) {
        return new Shopper(
                null,
                null,
                false,
                null,
                home,
                true,
                PaymentMethod.CARD,
                List.of(),
                CodeStanding.NONE,
                now,
                true,
                List.of(),
                ShopperWords.now());
    }

    /** As cards and deals see them: whoever is in a group is signed in. */
    public Customer customer() {
        return new Customer(group, signedIn || group != null, firstOrder, goesTo());
    }

    /** The country the goods go to. */
    public String goesTo() {
        return country == null ? home : country;
    }

    /** As deals see the whole basket. */
    public Occasion occasion() {
        return Occasion.of(customer(), payment, codes, at).withCodesOf(codeStanding.counting());
    }

    /** The same with other lines: what a change of the basket would come to. */
    Shopper with(List<Picked> others) {
        return new Shopper(
                basketId,
                group,
                signedIn,
                country,
                home,
                firstOrder,
                payment,
                codes,
                codeStanding,
                at,
                today,
                others,
                words);
    }

    /** The same as whoever orders: what is for first orders goes by their e-mail, and codes once for each customer too. */
    public Shopper ordering(boolean first, CodeStanding standing) {
        return new Shopper(
                basketId, group, signedIn, country, home, first, payment, codes, standing, at, today, picked, words);
    }

    List<Offered> offered(BookInForce book) {
        return picked.stream().map(line -> offered(line, book)).toList();
    }

    private Offered offered(Picked line, BookInForce book) {
        Offer offer = Offer.of(line.sku(), customer(), at, book);
        Answers given = offer == null
                ? Answers.NONE
                : line.answers().answers(offer.card().card());
        return new Offered(line, offer, given);
    }

    /** Pieces in the basket, of all lines. */
    public long pieces() {
        return picked.stream().mapToLong(Picked::quantity).sum();
    }
}
