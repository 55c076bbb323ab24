package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.NextText;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.words.Words;
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
 * @param before the total before deals, where they changed it; none else
 * @param charged whether it was less then: something is charged for a way of paying
 * @param total after deals; without tax for those who see prices so
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
        boolean charged,
        String total,
        @Nullable String next,
        List<ReckoningText.Line> steps) {

    static List<BasketLineView> of(PricedPicks priced, boolean net) {
        List<BasketLineView> lines = new ArrayList<>();
        List<PricedPick> picks = priced.picks();
        BigDecimal[] nets = Nets.of(priced.basket());
        for (int i = 0; i < picks.size(); i++) {
            PricedPick pick = picks.get(i);
            lines.add(
                    pick.result() instanceof PricedLine line
                            ? priced(pick, line, left(priced.basket(), i, line), net ? nets[i] : null, priced.shopper())
                            : refused(
                                    pick,
                                    (RefusedLine) pick.result(),
                                    priced.shopper().words()));
        }
        return List.copyOf(lines);
    }

    private static Money left(PricedBasket priced, int line, PricedLine otherwise) {
        return Objects.requireNonNullElse(priced.left(line), otherwise.total());
    }

    private static BasketLineView priced(
            PricedPick pick, PricedLine line, Money left, @Nullable BigDecimal without, Shopper shopper) {
        int decimals = line.shownPerPiece().value().scale();
        int minor = pick.book().shop().minorDigits();
        Offer offer = pick.offer();
        BigDecimal shown = without == null ? left.value() : without;
        AsSeen seen = AsSeen.of(line.item(), shopper.customer(), pick.book(), shopper.words());
        boolean dealt = !left.equals(line.total());
        return new BasketLineView(
                pick.picked().id(),
                pick.picked().sku(),
                shopper.words().in(pick.name(line.item())),
                pick.picked().quantity(),
                pick.answers().stream().map(shopper.words()::say).toList(),
                shopper.words().say(pick.variants()),
                null,
                seen.money(line.shownPerPiece().value(), decimals),
                line.isReduced() ? seen.money(Objects.requireNonNull(line.shelfPrice()), decimals) : null,
                dealt ? seen.total(line.total().value()) : null,
                dealt && left.compareTo(line.total()) > 0,
                shopper.words().number(shown, minor),
                offer == null
                        ? null
                        : NextText.of(
                                line,
                                offer.card(),
                                new Asked(
                                        line.item(),
                                        pick.picked().quantity(),
                                        pick.given(),
                                        shopper.group(),
                                        shopper.day()),
                                pick.book().shop().rules(),
                                seen),
                ReckoningText.forShoppers(
                        line.reckoning(),
                        offer == null
                                ? ShopPage.Reckoning.SHOWN
                                : offer.card().card().shopPage().reckoning(),
                        shopper.words(),
                        seen::figure));
    }

    private static BasketLineView refused(PricedPick pick, RefusedLine refused, Words words) {
        return new BasketLineView(
                pick.picked().id(),
                pick.picked().sku(),
                pick.picked().name(),
                pick.picked().quantity(),
                pick.answers().stream().map(words::say).toList(),
                words.say(pick.variants()),
                refused.place().equals(Place.SKU) ? words.text("basket.gone") : words.sentence(refused.what()) + ".",
                "",
                null,
                null,
                false,
                "",
                null,
                List.of());
    }
}
