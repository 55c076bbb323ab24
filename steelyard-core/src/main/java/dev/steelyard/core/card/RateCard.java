package dev.steelyard.core.card;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One complete way to price some goods, as its owner wrote it: what is asked, how a piece is priced, breaks, finish, and
 * what it covers. Whether its parts fit together is checked when it is prepared.
 *
 * @param quantity how many pieces one line can have
 * @param unitPriceDecimals of the price of one piece; none for the product's or the shop's
 * @param shopPage how the shop page shows it
 * @param ladder the card's breaks; none for none
 * @param productsOwnRows whether the product's own price rows, where it has some, count in place of the ladder
 * @param language in which it is written (BCP 47); empty where nobody said
 */
public record RateCard(
        String name,
        Covers covers,
        CardState state,
        Formulas formulas,
        List<Ask> asks,
        List<JointLimit> limits,
        List<NamedRate> rates,
        List<ShownFigure> shown,
        Cases cases,
        @Nullable Ladder ladder,
        boolean productsOwnRows,
        Finish finish,
        OrderQuantity quantity,
        @Nullable Integer unitPriceDecimals,
        ShopPage shopPage,
        String language) {

    /** The card that is always there, last in the order: shelf price and the product's own rows, for everything. */
    public static final RateCard SHELF_PRICE =
            named("Shelf price").productsOwnRows(true).build();

    public RateCard {
        asks = List.copyOf(asks);
        limits = List.copyOf(limits);
        rates = List.copyOf(rates);
        shown = List.copyOf(shown);
    }

    /** A live card of this name, for everything and everyone, at the shelf price until something else is said. */
    public static RateCardBuilder named(String name) {
        return new RateCardBuilder(name);
    }

    /** Its parts, to make another card of. */
    public RateCardBuilder toBuilder() {
        return named(name)
                .covers(covers)
                .state(state)
                .formulas(formulas)
                .asks(asks)
                .limits(limits)
                .rates(rates)
                .shown(shown)
                .cases(cases)
                .ladder(ladder)
                .productsOwnRows(productsOwnRows)
                .finish(finish)
                .quantity(quantity)
                .unitPriceDecimals(unitPriceDecimals)
                .shopPage(shopPage)
                .language(language);
    }

    /** The measurements among its asks, in order. */
    public List<Measurement> measurements() {
        return asks.stream()
                .filter(Measurement.class::isInstance)
                .map(Measurement.class::cast)
                .toList();
    }

    /** The choices among its asks, in order. */
    public List<Choice> choices() {
        return asks.stream()
                .filter(Choice.class::isInstance)
                .map(Choice.class::cast)
                .toList();
    }

    /** The days on which its breaks hold, of pieces and of rates. */
    public Stream<Validity> validities() {
        Stream<Break> ofPieces = ladder == null ? Stream.empty() : ladder.rows().stream();
        Stream<Break> ofRates = cases.all().stream()
                .filter(one -> one.piece() instanceof PiecePrice.Rate)
                .map(one -> ((PiecePrice.Rate) one.piece()).breaks())
                .filter(Objects::nonNull)
                .flatMap(breaks -> breaks.rows().stream());
        return Stream.concat(ofPieces, ofRates).map(Break::validity);
    }

    /** The own price rows that count for an item in place of the ladder; none where the ladder counts. */
    public @Nullable PriceRows ownRowsFor(Item item) {
        return productsOwnRows ? item.ownRows() : null;
    }
}
