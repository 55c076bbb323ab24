package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.said.Wording;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.words.FirstLetter;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The trial's basket as shown.
 *
 * @param rows of goods, with what each comes to
 * @param goods all that can be put in
 * @param before what the lines come to before deals
 * @param total what is paid
 * @param refusal why there is none; none where there is one
 * @param used deals that count, the one being edited marked
 * @param unused deals that do not, each with why
 * @param next what would unlock the deal being edited, or its next threshold; none where nothing would
 * @param moved when it is tried, where days or hours of the deal moved that; none where they did not
 * @param tax “19 % tax contained in 30.00: 4.79”
 */
record BasketTrialView(
        TypedBasket text,
        List<Row> rows,
        List<Goods> goods,
        String before,
        String total,
        @Nullable String refusal,
        List<Used> used,
        List<Unused> unused,
        @Nullable String next,
        List<String> tax,
        @Nullable String moved,
        String dayFault) {

    /**
     * A row.
     *
     * @param answers “Length 5 m”; empty where nothing is asked
     * @param before the total before deals
     * @param left after deals
     * @param fault why it has no price; empty where it has one
     */
    public record Row(
            int index,
            String sku,
            String quantity,
            String typedTotal,
            String answers,
            String before,
            String left,
            String fault,
            boolean acted) {}

    /** What can be put in. */
    public record Goods(String sku, String name, boolean acted) {}

    /** A deal that counts. */
    public record Used(String name, String saved, String detail, boolean ours) {}

    /** A deal that does not count. */
    public record Unused(String name, String why, boolean ours) {}

    private static void add(List<Goods> to, Item item, boolean acted) {
        to.add(new Goods(item.sku().value(), item.name(), acted));
    }

    /** @param ours the deal being edited, as the basket was priced with it */
    static BasketTrialView of(
            TypedBasket text, BasketTrial trial, PricedBasket basket, Deal ours, Subject subject, PriceBook book) {
        int minor = subject.shop().minorDigits();
        List<Row> rows = new ArrayList<>();
        List<TypedBasket.Row> typed = text.rows();
        for (int i = 0; i < typed.size(); i++) {
            rows.add(row(typed.get(i), i, trial, basket, ours, subject, minor));
        }
        List<Goods> goods = new ArrayList<>();
        subject.directory().items(ours.acted()).limit(Subject.MOST_LISTED).forEach(item -> add(goods, item, true));
        subject.goods().stream()
                .limit(Subject.MOST_LISTED)
                .flatMap(product -> product.items().stream())
                .filter(item -> !ours.acted().has(item))
                .forEach(item -> add(goods, item, false));
        goods.sort(Comparator.comparing(Goods::name));
        return new BasketTrialView(
                text,
                rows,
                goods,
                Show.money(basket.before().value(), minor),
                Show.money(basket.toPay().value(), minor),
                basket.fault() == null
                        ? null
                        : Words.owners().sentence(basket.fault().what()) + ".",
                basket.dealt().used().stream()
                        .map(used -> {
                            DealText.UsedLine line =
                                    DealText.used(used, used.saved().value(), true, minor, Words.owners());
                            return new Used(
                                    line.name(),
                                    (line.adds() ? "+" : "−") + line.saved(),
                                    line.detail(),
                                    used.deal() == ours);
                        })
                        .toList(),
                DealText.unused(basket.dealt()).stream()
                        .map(unused -> new Unused(
                                unused.deal().name(), Words.owners().say(unused.detail()), unused.deal() == ours))
                        .toList(),
                basket.dealt().next().stream()
                        .filter(next -> next.deal() == ours)
                        .findFirst()
                        .map(next -> DealText.next(next, book, Wording::of, minor, Words.owners()))
                        .orElse(null),
                basket.tax() == null
                        ? List.of()
                        : basket.tax().rates().stream()
                                .map(rate -> rate.rate().toPlainString() + " % tax "
                                        + (basket.tax().included() ? "contained in " : "on ")
                                        + Show.money(rate.of().value(), minor) + ": "
                                        + Show.money(rate.tax().value(), minor))
                                .toList(),
                trial.moved(),
                text.day(subject) == null ? "“" + text.get(TypedBasket.DAY) + "” is no day" : "");
    }

    private static Row row(
            TypedBasket.Row typed,
            int place,
            BasketTrial trial,
            PricedBasket basket,
            Deal ours,
            Subject subject,
            int minor) {
        Item item = subject.item(typed.sku());
        String before = "";
        String left = "";
        String fault = "";
        if (basket.lines().get(place) instanceof PricedLine line) {
            Money after = Objects.requireNonNullElse(basket.left(place), line.total());
            before = Show.money(line.total().value(), minor);
            left = Show.money(after.value(), minor);
        } else if (basket.lines().get(place) instanceof RefusedLine refused) {
            fault = Words.owners().sentence(refused.what()) + ".";
        }
        return new Row(
                place,
                typed.sku(),
                typed.quantity(),
                typed.total(),
                trial.answers(typed),
                before,
                left,
                fault,
                item != null && ours.acted().has(item));
    }

    private static String sentence(String text) {
        return FirstLetter.large(text);
    }
}
