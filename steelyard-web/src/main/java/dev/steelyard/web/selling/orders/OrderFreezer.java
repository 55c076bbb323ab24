package dev.steelyard.web.selling.orders;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.core.tax.TaxRules;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.LineTaxes;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Freezes a priced basket: what is ordered is what was priced, whatever changes later. */
@Component
public class OrderFreezer {

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

    OrderFreezer(GoodsStore goods) {
        this.goods = goods;
    }

    /**
     * Who buys.
     *
     * @param payment by the word that orders name it with
     * @param cardEnding empty where no card is used
     */
    public record Who(String name, String email, String payment, String cardEnding) {}

    /**
     * What is sold.
     *
     * @param basket every line of which has a price
     * @param occasion that it was priced for
     * @param codes as they are compared
     */
    public record Sold(
            PricedBasket basket,
            BookInForce book,
            Occasion occasion,
            List<String> codes,
            Words words,
            List<Line> lines) {

        private String country() {
            return Objects.requireNonNullElse(
                    occasion.customer().country(), book.shop().homeCountry());
        }

        private NewOrder.Asked asked() {
            return new NewOrder.Asked(
                    occasion.at().toInstant(),
                    occasion.customer().signedIn(),
                    occasion.customer().firstOrder(),
                    occasion.payment(),
                    List.copyOf(new TreeSet<>(occasion.codeLists())));
        }
    }

    /**
     * A line beside its price.
     *
     * @param asked what was asked for
     * @param answers one fact for each
     * @param variants of a lot's pieces, counted; none where one goes for all
     * @param version of the card that prices it; none for the shelf price
     */
    public record Line(
            OrderLine asked,
            Wording name,
            List<Fact> answers,
            @Nullable Fact variants,
            @Nullable CardInForce version) {}

    public NewOrder freeze(String key, Who who, Sold sold) {
        PricedBasket basket = sold.basket();
        BookInForce book = sold.book();
        String group = sold.occasion().customer().group();
        Tax tax = basket.tax();
        return new NewOrder(
                key,
                group,
                sold.occasion().at().toLocalDate(),
                who.name(),
                who.email(),
                sold.country(),
                book.shop().currency(),
                book.shop().minorDigits(),
                basket.toPay().value(),
                who.payment(),
                "",
                who.cardEnding(),
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
                sold.codes(),
                new NewOrder.Seller(
                        book.shop().name(),
                        book.shop().invoicing().lines(),
                        book.shop().invoicing().taxNumber()),
                tax != null
                        && tax.included()
                        && Objects.requireNonNull(book.book().tax()).seesWithout(group),
                sold.words().language().code(),
                sold.asked(),
                null,
                lines(sold));
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

    private List<NewOrder.Line> lines(Sold sold) {
        Map<String, Long> ids = goods.ids(sold.basket().lines().stream()
                .map(line -> ((PricedLine) line).item().product().sku().value())
                .toList());
        List<NewOrder.Line> lines = new ArrayList<>();
        BigDecimal[] taxes = LineTaxes.of(sold.basket());
        for (int i = 0; i < sold.lines().size(); i++) {
            lines.add(line(sold, i, taxes[i], ids));
        }
        return lines;
    }

    private static NewOrder.Line line(Sold sold, int place, BigDecimal tax, Map<String, Long> ids) {
        Line told = sold.lines().get(place);
        PricedLine line = (PricedLine) sold.basket().lines().get(place);
        List<JsonNode> answers =
                new ArrayList<>(told.answers().stream().map(FrozenFacts::freeze).toList());
        if (told.variants() != null) {
            answers.add(FrozenFacts.freeze(told.variants()));
        }
        CardInForce version = told.version();
        boolean taxed = sold.basket().taxOf(place) != null;
        return new NewOrder.Line(
                Objects.requireNonNull(ids.get(line.item().product().sku().value())),
                line.item().sku().value(),
                told.name().own(),
                FrozenFacts.freeze(Part.name(told.name())),
                (int) line.quantity(),
                line.shownPerPiece().value(),
                line.shownPerPiece().value().scale(),
                line.total().value(),
                Objects.requireNonNull(sold.basket().left(place)).value(),
                taxed ? rate(line, sold) : null,
                taxed ? tax : null,
                answers,
                line.card(),
                version == null ? null : version.id(),
                version == null ? null : (long) version.version(),
                FrozenFacts.freeze(line.reckoning()),
                FrozenAnswers.freeze(told.asked().answers()),
                NewOrder.Figures.of(line));
    }

    private static @Nullable BigDecimal rate(PricedLine line, Sold sold) {
        TaxRules tax = sold.book().book().tax();
        return tax == null
                ? null
                : tax.rate(sold.country(), line.item().product().traits().taxClass());
    }
}
