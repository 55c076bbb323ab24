package dev.steelyard.core.card;

import dev.steelyard.core.ladder.Ladder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the parts of a card. Not shared between threads. */
public final class RateCardBuilder {

    private final String name;
    private Covers covers = Covers.EVERYTHING;
    private CardState state = CardState.LIVE;
    private Formulas formulas = Formulas.WITH_UNITS;
    private List<? extends Ask> asks = List.of();
    private List<JointLimit> limits = List.of();
    private List<NamedRate> rates = List.of();
    private List<ShownFigure> shown = List.of();
    private @Nullable Cases cases;
    private @Nullable Ladder ladder;
    private boolean productsOwnRows;
    private Finish finish = Finish.PLAIN;
    private OrderQuantity quantity = OrderQuantity.ANY;
    private @Nullable Integer unitPriceDecimals;
    private ShopPage shopPage = ShopPage.USUAL;
    private String language = "";

    RateCardBuilder(String name) {
        this.name = name;
    }

    public RateCardBuilder language(String value) {
        language = value;
        return this;
    }

    public RateCardBuilder covers(Covers value) {
        covers = value;
        return this;
    }

    public RateCardBuilder state(CardState value) {
        state = value;
        return this;
    }

    public RateCardBuilder formulas(Formulas value) {
        formulas = value;
        return this;
    }

    public RateCardBuilder asks(List<? extends Ask> value) {
        asks = value;
        return this;
    }

    public RateCardBuilder limits(List<JointLimit> value) {
        limits = value;
        return this;
    }

    public RateCardBuilder rates(List<NamedRate> value) {
        rates = value;
        return this;
    }

    public RateCardBuilder shown(List<ShownFigure> value) {
        shown = value;
        return this;
    }

    /** Where nothing is said, a piece is sold at the shelf price; with lots, at the lot's. */
    public RateCardBuilder cases(@Nullable Cases value) {
        cases = value;
        return this;
    }

    /** One way to price a piece, without a base charge. */
    public RateCardBuilder piece(PiecePrice value) {
        return cases(Cases.always(Case.of(value)));
    }

    public RateCardBuilder ladder(@Nullable Ladder value) {
        ladder = value;
        return this;
    }

    public RateCardBuilder productsOwnRows(boolean value) {
        productsOwnRows = value;
        return this;
    }

    public RateCardBuilder finish(Finish value) {
        finish = value;
        return this;
    }

    public RateCardBuilder quantity(OrderQuantity value) {
        quantity = value;
        return this;
    }

    public RateCardBuilder unitPriceDecimals(@Nullable Integer value) {
        unitPriceDecimals = value;
        return this;
    }

    public RateCardBuilder shopPage(ShopPage value) {
        shopPage = value;
        return this;
    }

    public RateCard build() {
        boolean lots = ladder != null && ladder.mode() == Ladder.Mode.LOT;
        Cases said = cases != null ? cases : Cases.always(Case.of(lots ? PiecePrice.NONE : PiecePrice.SHELF_PRICE));
        return new RateCard(
                name,
                covers,
                state,
                formulas,
                List.copyOf(asks),
                limits,
                rates,
                shown,
                said,
                ladder,
                productsOwnRows,
                finish,
                quantity,
                unitPriceDecimals,
                shopPage,
                language);
    }
}
