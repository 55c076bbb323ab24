package dev.steelyard.web.editing.trial;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.selling.shown.TriedAt;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A typed trial, read.
 *
 * @param item what is ordered; none where nothing is sold by the SKU
 * @param quantity none where it cannot be read
 * @param time of day; none for noon, or whenever the card counts
 * @param faults of what cannot be read, before any price is asked for
 */
public record CardTrial(
        @Nullable Item item,
        @Nullable Long quantity,
        Answers answers,
        Customer customer,
        LocalDate day,
        @Nullable LocalTime time,
        List<Fault> faults) {

    public static final Place DAY = new Place("day");
    public static final Place TIME = new Place("time");

    public static CardTrial read(TrialText text, RateCard card, Subject subject) {
        List<Fault> faults = new ArrayList<>();
        Item item = subject.item(text.get(TrialText.SKU));
        if (item == null) {
            faults.add(Fault.of(Place.SKU, Refusal.SKU_UNKNOWN, Part.typed(text.get(TrialText.SKU))));
        }
        DecimalText.Reading quantity = TypedNumbers.pieces(text.get(TrialText.QUANTITY));
        if (quantity.fault() != null) {
            faults.add(new Fault(Place.QUANTITY, NumberSays.quantity(quantity.fault())));
        }
        LocalDate day = DayText.read(text.get(TrialText.DAY));
        if (day == null && !text.get(TrialText.DAY).isBlank()) {
            faults.add(Fault.of(DAY, Refusal.NO_DAY, Part.typed(text.get(TrialText.DAY))));
        }
        LocalTime time = DayText.time(text.get(TrialText.TIME));
        if (time == null && !text.get(TrialText.TIME).isBlank()) {
            faults.add(Fault.of(TIME, Refusal.NO_TIME, Part.typed(text.get(TrialText.TIME))));
        }
        String group = text.get(TrialText.GROUP);
        boolean known = subject.groupNames().contains(group);
        BigDecimal pieces = quantity.value();
        return new CardTrial(
                item,
                pieces == null ? null : pieces.longValueExact(),
                text.answers().answers(card),
                new Customer(known ? group : null),
                day == null ? subject.today() : day,
                time,
                List.copyOf(faults));
    }

    /** The same of another quantity. */
    public CardTrial of(long pieces) {
        return new CardTrial(item, pieces, answers, customer, day, time, faults);
    }

    /** The same with another answer. */
    public CardTrial answering(String name, BigDecimal value) {
        Map<String, Answer> changed = new LinkedHashMap<>(answers.byName());
        changed.put(name, new Answer.Number(value, null));
        return new CardTrial(item, quantity, new Answers(changed, answers.pack()), customer, day, time, faults);
    }

    /** As the core asks for it; none where it cannot be read. */
    @Nullable
    public Asked asked() {
        return item == null || quantity == null ? null : new Asked(item, quantity, answers, customer.group(), day);
    }

    /** When it is tried under a card. */
    public TriedAt at(RateCard card, Subject subject) {
        return TriedAt.of(day, time, card.covers().times(), subject.shop().zone());
    }

    /** Its price under a card that stands above the shelf price, whatever state it is in, as the shop would price it. */
    public LineResult price(PreparedCard card, Subject subject) {
        if (!faults.isEmpty()) {
            return new RefusedLine(faults);
        }
        PreparedCard live = card.card().state() == CardState.LIVE
                ? card
                : PreparedCard.prepare(
                                card.card().toBuilder().state(CardState.LIVE).build(),
                                subject.shop().currency())
                        .orThrow();
        Item ordered = Objects.requireNonNull(item);
        return PriceBook.of(subject.shop().rules(), List.of(live), List.of(ordered.product()))
                .explain(
                        List.of(new OrderLine(ordered.sku(), Objects.requireNonNull(quantity), answers)),
                        customer,
                        at(card.card(), subject).moment())
                .get(0);
    }
}
