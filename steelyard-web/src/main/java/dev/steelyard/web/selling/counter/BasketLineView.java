package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.selling.shown.AnswerWords;
import dev.steelyard.web.selling.shown.NextText;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A line of a basket as shown.
 *
 * @param id of the basket's line
 * @param answers “Length 523 cm”, one for each
 * @param variants “2 × cotton, 1 × polyester”; empty where one goes for all
 * @param refusal why it has no price; none where it has one
 * @param shelf the shelf price where it is higher than the price paid; none else
 * @param before the total before deals, where they changed it and it is shown with tax; none else
 * @param total after deals; without tax for those who see prices so
 * @param version of the card that prices it; none for the shelf price
 */
public record BasketLineView(
        long id,
        String sku,
        String name,
        int quantity,
        List<String> answers,
        String variants,
        @Nullable String refusal,
        String perPiece,
        @Nullable String shelf,
        @Nullable String before,
        String total,
        @Nullable String next,
        @Nullable CardInForce version,
        List<ReckoningText.Line> steps) {

    static List<BasketLineView> of(Shopper shopper, PricedBasket priced, boolean net, BookInForce book) {
        List<BasketLineView> lines = new ArrayList<>();
        for (int i = 0; i < priced.lines().size(); i++) {
            Shopper.Picked picked = shopper.picked().get(i);
            lines.add(
                    priced.lines().get(i) instanceof PricedLine line
                            ? priced(picked, line, left(priced, i, line), net ? priced.taxOf(i) : null, shopper, book)
                            : refused(picked, (RefusedLine) priced.lines().get(i), shopper, book));
        }
        return List.copyOf(lines);
    }

    private static Money left(PricedBasket priced, int line, PricedLine otherwise) {
        return Objects.requireNonNullElse(priced.left(line), otherwise.total());
    }

    private static BasketLineView priced(
            Shopper.Picked picked,
            PricedLine line,
            Money left,
            @Nullable Money tax,
            Shopper shopper,
            BookInForce book) {
        int decimals = line.shownPerPiece().value().scale();
        int minor = book.shop().minorDigits();
        Offer offer = Offer.of(picked.sku(), shopper.customer(), shopper.at(), book);
        Asked asked = new Asked(
                line.item(), picked.quantity(), picked.line(shopper, book).answers(), shopper.group(), shopper.day());
        BigDecimal shown = tax == null ? left.value() : left.value().subtract(tax.value());
        return new BasketLineView(
                picked.id(),
                picked.sku(),
                picked.variants().isEmpty()
                        ? line.item().name()
                        : line.item().product().name(),
                picked.quantity(),
                answers(picked, offer),
                variants(picked, book),
                null,
                Show.money(line.shownPerPiece().value(), decimals),
                line.isReduced() ? Show.money(Objects.requireNonNull(line.shelfPrice()), decimals) : null,
                left.equals(line.total()) || tax != null
                        ? null
                        : Show.money(line.total().value(), minor),
                Show.money(shown, minor),
                offer == null
                        ? null
                        : NextText.of(line, offer.card(), asked, book.shop().rules(), minor),
                offer == null ? null : book.version(offer.card()),
                ReckoningText.of(line.reckoning()));
    }

    private static BasketLineView refused(
            Shopper.Picked picked, RefusedLine refused, Shopper shopper, BookInForce book) {
        String why = refused.place().equals(Place.SKU) ? "This is no longer sold." : refused.message() + ".";
        Offer offer = Offer.of(picked.sku(), shopper.customer(), shopper.at(), book);
        return new BasketLineView(
                picked.id(),
                picked.sku(),
                picked.name(),
                picked.quantity(),
                answers(picked, offer),
                variants(picked, book),
                Character.toUpperCase(why.charAt(0)) + why.substring(1),
                "",
                null,
                null,
                "",
                null,
                null,
                List.of());
    }

    /** The answers in words, as the card that prices the line asks for them. */
    private static List<String> answers(Shopper.Picked picked, @Nullable Offer offer) {
        return offer == null
                ? List.of()
                : AnswerWords.of(
                        offer.card().card(),
                        picked.answers().answers(offer.card().card()));
    }

    /** The variants of a lot's pieces, counted. */
    private static String variants(Shopper.Picked picked, BookInForce book) {
        List<String> pieces = Typed.forPieces(picked.variants(), picked.quantity()).stream()
                .map(sku -> {
                    Item item = book.book().item(new Sku(sku));
                    return item == null || item.variant() == null
                            ? sku
                            : item.variant().name();
                })
                .toList();
        return AnswerWords.counted(pieces);
    }
}
