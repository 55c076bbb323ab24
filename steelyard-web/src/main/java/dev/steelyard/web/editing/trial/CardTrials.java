package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.selling.shown.AsSeen;
import dev.steelyard.web.selling.shown.AskView;
import dev.steelyard.web.selling.shown.HourWords;
import dev.steelyard.web.selling.shown.NextText;
import dev.steelyard.web.selling.shown.TriedAt;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.words.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/** Makes the trial's view: what can be asked, and what it comes to. */
public final class CardTrials {

    private static final int MOST_GOODS = 200;
    private static final long[] QUANTITIES = {1, 5, 10, 50};

    private final Subject subject;
    private final RateCard card;
    private final @Nullable PreparedCard prepared;
    private final TrialText text;
    private final CardTrial trial;

    public CardTrials(
            Subject subject, RateCard card, @Nullable PreparedCard prepared, TrialText text, CardTrial trial) {
        this.subject = subject;
        this.card = card;
        this.prepared = prepared;
        this.text = text;
        this.trial = trial;
    }

    /** @param issues how many things are wrong with the card */
    public CardTrialView view(int issues) {
        if (prepared == null) {
            String why = issues == 1
                    ? "No price while something in the card cannot be read."
                    : "No price while " + issues + " things in the card cannot be read.";
            return refused(why, List.of());
        }
        LineResult result = trial.price(prepared, subject);
        if (result instanceof RefusedLine refused) {
            return refused("No price: " + Words.owners().say(refused.what()) + ".", refused.faults());
        }
        PricedLine line = (PricedLine) result;
        boolean ours = line.card().equals(card.name());
        return view(
                null,
                Map.of(),
                each(line),
                total(line),
                line.billable() == null ? null : Show.figure(line.billable()),
                next(line),
                ours ? null : line.card(),
                line.figures().stream()
                        .map(figure -> figure.label() + " " + Show.figure(figure.figure()))
                        .toList(),
                ReckoningText.of(line.reckoning(), Words.owners()),
                ReckoningText.passedOver(line.reckoning(), Words.owners()),
                margin(line));
    }

    /** “28.4 %” of the price without tax; none where the cost is not known. */
    private @Nullable String margin(PricedLine line) {
        BigDecimal margin = subject.margins().of(line.item(), line.total().value(), line.units());
        return margin == null ? null : margin.toPlainString() + " %";
    }

    private @Nullable String next(PricedLine line) {
        Asked asked = trial.asked();
        return asked == null || prepared == null
                ? null
                : NextText.of(
                        line,
                        prepared,
                        asked,
                        subject.shop().rules(),
                        AsSeen.asItIs(subject.shop().minorDigits()));
    }

    private CardTrialView refused(String why, List<Fault> faults) {
        Map<String, String> byField = new LinkedHashMap<>();
        faults.forEach(fault ->
                byField.putIfAbsent(fault.place().code(), Words.owners().sentence(fault.what())));
        return view(why, byField, "", "", null, null, null, List.of(), List.of(), List.of(), null);
    }

    private CardTrialView view(
            @Nullable String refusal,
            Map<String, String> faults,
            String each,
            String total,
            @Nullable String billable,
            @Nullable String next,
            @Nullable String other,
            List<String> figures,
            List<ReckoningText.Line> steps,
            List<String> passedOver,
            @Nullable String margin) {
        return new CardTrialView(
                text,
                goods(),
                asks(),
                TypedAnswers.packs(card),
                refusal,
                faults,
                each,
                total,
                billable,
                next,
                other,
                moved(),
                figures,
                steps,
                passedOver,
                text.get(TrialText.MANY).equals("on") ? many() : List.of(),
                margin);
    }

    /** “Friday 16 April, 22:00”, where days or hours keep it from being tried at noon. */
    private @Nullable String moved() {
        TriedAt at = trial.at(card, subject);
        return at.moved() ? HourWords.moment(at.moment()) : null;
    }

    private String each(PricedLine line) {
        return Show.money(
                line.shownPerPiece().value(), line.shownPerPiece().value().scale());
    }

    private String total(PricedLine line) {
        return Show.money(line.total().value(), subject.shop().minorDigits());
    }

    /** Those that are covered first; of many the first few. */
    private List<CardTrialView.Goods> goods() {
        List<CardTrialView.Goods> goods = new ArrayList<>();
        subject.covered(card).stream().limit(MOST_GOODS).forEach(product -> add(goods, product, true));
        if (goods.size() < MOST_GOODS) {
            subject.goods().stream()
                    .filter(product -> !card.covers().covers(product))
                    .limit(MOST_GOODS)
                    .forEach(product -> add(goods, product, false));
        }
        return goods.size() <= MOST_GOODS ? goods : goods.subList(0, MOST_GOODS);
    }

    private static void add(List<CardTrialView.Goods> to, Product product, boolean covered) {
        product.items()
                .forEach(item -> to.add(new CardTrialView.Goods(item.sku().value(), item.name(), covered)));
    }

    private List<AskView> asks() {
        Set<String> open = prepared == null || trial.asked() == null
                ? card.asks().stream().map(Ask::name).collect(Collectors.toSet())
                : prepared.open(Objects.requireNonNull(trial.asked()));
        return AskView.of(
                card, open, text.answers(), AsSeen.asItIs(subject.shop().minorDigits()));
    }

    private static String plain(@Nullable BigDecimal value) {
        return value == null ? "" : Show.money(value, 0);
    }

    /** Several quantities, and three sizes where something is measured. */
    private List<CardTrialView.Many> many() {
        List<CardTrialView.Many> many = new ArrayList<>();
        for (long quantity : LongStream.of(QUANTITIES)
                .flatMap(one -> card.quantity().from(one).stream())
                .distinct()
                .toArray()) {
            many.add(row(Quantity.words(quantity), trial.of(quantity)));
        }
        List<Measurement> sizes = card.measurements();
        if (!sizes.isEmpty()) {
            for (int third = 0; third <= 2; third++) {
                CardTrial sized = trial;
                List<String> words = new ArrayList<>();
                for (Measurement ask : sizes) {
                    BigDecimal value = part(ask, third);
                    sized = sized.answering(ask.name(), value);
                    words.add(plain(value));
                }
                many.add(row(
                        words.stream().collect(Collectors.joining(" × ")) + " "
                                + sizes.get(sizes.size() - 1).unit().symbol(),
                        sized));
            }
        }
        return many;
    }

    /** The smallest value, one in the middle, or the largest. */
    private static BigDecimal part(Measurement ask, int half) {
        BigDecimal least = ask.least() == null ? BigDecimal.ONE : ask.least();
        BigDecimal most = ask.most() == null ? least.multiply(BigDecimal.TEN) : ask.most();
        BigDecimal step = ask.step() == null || ask.step().signum() <= 0 ? BigDecimal.ONE : ask.step();
        BigDecimal steps = most.subtract(least)
                .multiply(BigDecimal.valueOf(half))
                .divide(BigDecimal.valueOf(2), Decimals.EXACT)
                .divide(step, 0, RoundingMode.DOWN);
        return least.add(steps.multiply(step));
    }

    private CardTrialView.Many row(String what, CardTrial one) {
        LineResult result = prepared == null ? null : one.price(prepared, subject);
        return result instanceof PricedLine line
                ? new CardTrialView.Many(what, each(line), total(line))
                : new CardTrialView.Many(what, "–", "no price");
    }
}
