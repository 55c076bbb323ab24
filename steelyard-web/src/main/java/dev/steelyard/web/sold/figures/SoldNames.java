package dev.steelyard.web.sold.figures;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.sold.lines.By;
import dev.steelyard.web.sold.lines.PartSold;
import dev.steelyard.web.sold.lines.Sold;
import dev.steelyard.web.sold.lines.SoldLink;
import dev.steelyard.web.sold.lines.Which;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What parts of what was sold are called: as goods and cards are now, or as they were sold where they are gone. */
final class SoldNames {

    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM yyyy", Locale.UK);

    private final BookInForce book;
    private final Sold sold;

    private final List<RateCard> asking;

    /** @param asking the cards by whose words asks are called, the nearest first */
    SoldNames(BookInForce book, Sold sold, List<RateCard> asking) {
        this.book = book;
        this.sold = sold;
        this.asking = asking;
    }

    /**
     * A part's name.
     *
     * @param small beside it; empty for none
     */
    record Named(String name, String small, @Nullable String link) {}

    Named of(PartSold part, By by, boolean ofOneCard) {
        return switch (by.what()) {
            case PRODUCT -> new Named(product(part.key()), part.key(), SoldLink.to(Which.Of.product(part.key())));
            case VARIANT -> new Named(sold.called(part.key()), part.key(), null);
            case CARD -> new Named(
                    card(part.card()), "", part.card() == 0 ? null : SoldLink.to(Which.Of.card(part.card())));
            case BREAK -> new Named(
                    part.from() == null
                            ? "no break reached"
                            : "from " + Decimals.plain(part.from(), 0) + unit(part.card()),
                    ofOneCard ? "" : card(part.card()),
                    null);
            case ANSWER -> new Named(part.key().isEmpty() ? "not asked" : answer(by.ask(), part.key()), "", null);
            case PACK -> new Named(part.key().isEmpty() ? "no pack" : part.key(), "", null);
            case GROUP -> new Named(part.key().isEmpty() ? Which.EVERYONE : part.key(), "", null);
            case MONTH -> new Named(MONTH.format(YearMonth.parse(part.key())), "", null);
        };
    }

    /** What is meant, by its name; empty for the whole shop. */
    String of(Which.Of of) {
        return switch (of.kind()) {
            case SHOP -> "";
            case PRODUCT -> product(of.sku());
            case CARD -> card(of.id());
            case DEAL -> book.deals().stream()
                    .filter(deal -> deal.id() == of.id())
                    .findFirst()
                    .map(deal -> deal.deal().name())
                    .orElse("A deal that is no longer live");
        };
    }

    private String product(String sku) {
        return Sku.fault(sku) != null
                ? sku
                : book.book().product(new Sku(sku)).map(Product::name).orElse(sold.called(sku));
    }

    private String card(long id) {
        return id == 0
                ? "Shelf price and own rows"
                : live(id).map(RateCard::name).orElse("A card that is no longer live");
    }

    private Optional<RateCard> live(long id) {
        return book.cards().stream().filter(card -> card.id() == id).findFirst().map(card -> card.card()
                .card());
    }

    private String unit(long card) {
        return live(card)
                .map(RateCard::ladder)
                .filter(ladder -> ladder.counts() == Ladder.Counts.AMOUNT && ladder.unit() != null)
                .map(ladder -> " " + Objects.requireNonNull(ladder.unit()).symbol())
                .orElse("");
    }

    /** The label of an ask, by the first card that asks so. */
    String label(String ask) {
        return asks(ask).map(one -> one.label().own()).orElse(ask);
    }

    /** The unit that a measurement is typed in; empty for none. */
    String measured(String ask) {
        return asks(ask)
                .filter(Measurement.class::isInstance)
                .map(one -> ((Measurement) one).unit().symbol())
                .orElse("");
    }

    /** A measurement with the unit it is typed in. */
    Sold.Measured measurement(String ask) {
        return asks(ask)
                .map(one -> new Sold.Measured(ask, ((Measurement) one).unit()))
                .orElseThrow();
    }

    /** Where among all that is asked. */
    int place(String ask) {
        return asking.stream()
                .flatMap(card -> card.asks().stream())
                .map(Ask::name)
                .toList()
                .indexOf(ask);
    }

    boolean isMeasured(String ask) {
        return asks(ask).filter(Measurement.class::isInstance).isPresent();
    }

    private Optional<Ask> asks(String name) {
        return asking.stream()
                .flatMap(card -> card.asks().stream())
                .filter(one -> one.name().equals(name))
                .findFirst();
    }

    private String answer(String ask, String key) {
        List<Choice.Option> options = asks(ask)
                .filter(Choice.class::isInstance)
                .map(one -> ((Choice) one).options())
                .orElse(List.of());
        return options.stream()
                .filter(option -> option.name().equals(key))
                .findFirst()
                .map(option -> option.called().own())
                .orElse(measured(ask).isEmpty() || key.contains(" ") ? key : key + " " + measured(ask));
    }
}
