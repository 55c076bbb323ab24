package dev.steelyard.web.selling.checkout;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.selling.counter.Nets;
import dev.steelyard.web.selling.counter.PricedPick;
import dev.steelyard.web.selling.counter.PricedPicks;
import dev.steelyard.web.selling.counter.Shopper;
import dev.steelyard.web.selling.orders.FrozenFacts;
import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.shown.DealText;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Freezes a priced basket: what is ordered is what was priced, whatever changes later. */
@Component
class Freezing {

    /** Why a deal was not used that was live for the customer then; others say nothing about this order. */
    private static final Set<Why> LIVE_FOR_THEM = EnumSet.of(
            Why.CODE,
            Why.PAYMENT,
            Why.CONTAINS,
            Why.NO_GOODS,
            Why.TOO_LITTLE,
            Why.ANOTHER_GIVES_MORE,
            Why.TAKES_NOTHING);

    private final GoodsStore goods;

    Freezing(GoodsStore goods) {
        this.goods = goods;
    }

    /** @param priced every line of which has a price */
    NewOrder freeze(String key, Buyer buyer, PricedPicks priced) {
        Shopper shopper = priced.shopper();
        PricedBasket basket = priced.basket();
        BookInForce book = priced.book();
        Tax tax = basket.tax();
        return new NewOrder(
                key,
                shopper.group(),
                shopper.day(),
                buyer.name(),
                buyer.email(),
                shopper.goesTo(),
                book.shop().currency(),
                book.shop().minorDigits(),
                basket.toPay().value(),
                buyer.payment().label(),
                "",
                buyer.cardEnding(),
                basket.before().value(),
                tax == null || tax.included(),
                tax == null
                        ? List.of()
                        : tax.rates().stream()
                                .map(rate -> new NewOrder.Tax(
                                        rate.rate(),
                                        rate.of().value(),
                                        rate.tax().value()))
                                .toList(),
                basket.dealt().used().stream().map(used -> deal(used, book)).toList(),
                DealText.unused(basket.dealt()).stream()
                        .filter(unused -> LIVE_FOR_THEM.contains(unused.why()))
                        .collect(Collectors.toMap(
                                unused -> unused.deal().name(),
                                unused -> unused,
                                (one, other) -> one,
                                LinkedHashMap::new))
                        .values()
                        .stream()
                        .map(unused ->
                                new NewOrder.UnusedDeal(unused.deal().name(), FrozenFacts.freeze(unused.detail())))
                        .toList(),
                shopper.codes(),
                new NewOrder.Seller(
                        book.shop().name(),
                        book.shop().invoicing().lines(),
                        book.shop().invoicing().taxNumber()),
                tax != null
                        && tax.included()
                        && Objects.requireNonNull(book.book().tax()).seesWithout(shopper.group()),
                shopper.words().language().code(),
                lines(priced));
    }

    private static NewOrder.Deal deal(Dealt.Used used, BookInForce book) {
        DealInForce version = book.version(used.deal());
        return new NewOrder.Deal(
                used.deal().name(),
                used.deal().words().own(),
                FrozenFacts.freeze(Part.name(used.deal().words())),
                used.saved().value(),
                FrozenFacts.freeze(used.detail()),
                used.shares().stream().map(Money::value).toList(),
                version == null ? null : version.id(),
                version == null ? null : (long) version.version());
    }

    private List<NewOrder.Line> lines(PricedPicks priced) {
        List<PricedPick> picks = priced.picks();
        Map<String, Long> ids = goods.ids(picks.stream()
                .map(pick -> ((PricedLine) pick.result()).item().product().sku().value())
                .toList());
        List<NewOrder.Line> lines = new ArrayList<>();
        BigDecimal[] taxes = Nets.taxes(priced.basket());
        for (int i = 0; i < picks.size(); i++) {
            lines.add(line(priced.basket(), i, picks.get(i), taxes[i], ids, priced.shopper()));
        }
        return lines;
    }

    private static NewOrder.Line line(
            PricedBasket basket, int place, PricedPick pick, BigDecimal tax, Map<String, Long> ids, Shopper shopper) {
        PricedLine line = (PricedLine) pick.result();
        List<JsonNode> answers =
                new ArrayList<>(pick.answers().stream().map(FrozenFacts::freeze).toList());
        if (pick.variants() != null) {
            answers.add(FrozenFacts.freeze(pick.variants()));
        }
        CardInForce version = pick.version();
        boolean taxed = basket.taxOf(place) != null;
        return new NewOrder.Line(
                Objects.requireNonNull(ids.get(line.item().product().sku().value())),
                line.item().sku().value(),
                pick.name(line.item()).own(),
                FrozenFacts.freeze(Part.name(pick.name(line.item()))),
                (int) line.quantity(),
                line.shownPerPiece().value(),
                line.shownPerPiece().value().scale(),
                line.total().value(),
                Objects.requireNonNull(basket.left(place)).value(),
                taxed ? rate(line, pick.book(), shopper) : null,
                taxed ? tax : null,
                answers,
                line.card(),
                version == null ? null : version.id(),
                version == null ? null : (long) version.version(),
                FrozenFacts.freeze(line.reckoning()));
    }

    private static @Nullable BigDecimal rate(PricedLine line, BookInForce book, Shopper shopper) {
        return book.book().tax() == null
                ? null
                : book.book()
                        .tax()
                        .rate(shopper.goesTo(), line.item().product().traits().taxClass());
    }
}
