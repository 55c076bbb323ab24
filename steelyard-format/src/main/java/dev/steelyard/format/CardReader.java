package dev.steelyard.format;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Finish;
import dev.steelyard.core.card.Formulas;
import dev.steelyard.core.card.JointLimit;
import dev.steelyard.core.card.NamedRate;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.RateCardBuilder;
import dev.steelyard.core.card.ShownFigure;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Reads a rate card. */
final class CardReader {

    private CardReader() {}

    static RateCard read(Obj in) {
        version(in);
        String language = language(in);
        RateCardBuilder card = RateCard.named(in.text("name"))
                .language(language)
                .state(in.word("state", FormatWords.STATES, CardState.LIVE))
                .formulas(in.word("formulas", FormatWords.FORMULAS, Formulas.WITH_UNITS))
                .asks(in.objects("asks", AskReader::read))
                .limits(in.objects("limits", CardReader::limit))
                .rates(in.objects("namedRates", CardReader::rate))
                .shown(in.objects("shown", CardReader::shown))
                .cases(CaseReader.read(in))
                .productsOwnRows(in.flag("ownRows", false))
                .unitPriceDecimals(in.optionalWhole("unitPriceDecimals", 0, Rounding.MOST_UNIT_PRICE_DECIMALS));
        Obj ladder = in.optionalObject("ladder");
        if (ladder != null) {
            card.ladder(LadderReader.read(ladder));
        }
        Obj finish = in.optionalObject("finish");
        if (finish != null) {
            card.finish(new Finish(finish.optionalDecimal("setUp"), finish.optionalDecimal("minimum")));
            finish.done();
        }
        Obj quantity = in.optionalObject("quantity");
        if (quantity != null) {
            card.quantity(new OrderQuantity(
                    pieces(quantity, "atLeast"), pieces(quantity, "atMost"), pieces(quantity, "multipleOf")));
            quantity.done();
        }
        Obj covers = in.optionalObject("covers");
        if (covers != null) {
            card.covers(CoversReader.read(covers));
        }
        Obj shopPage = in.optionalObject("shopPage");
        if (shopPage != null) {
            card.shopPage(ShopPageReader.read(shopPage));
        }
        in.done();
        return card.build();
    }

    /** The only version there is; a document that says none is of version 1. */
    static void version(Obj in) {
        in.optionalWhole("version", 1, 1);
    }

    /** In which language a document is written; empty where it does not say. */
    static String language(Obj in) {
        String language = Objects.requireNonNullElse(in.optionalText("language"), "");
        in.written(language);
        return language;
    }

    private static @Nullable Long pieces(Obj in, String field) {
        Integer pieces = in.optionalWhole(field, Quantity.LEAST, Quantity.MOST);
        return pieces == null ? null : pieces.longValue();
    }

    private static JointLimit limit(Obj in) {
        JointLimit limit = new JointLimit(in.text("that"), in.wording("say"));
        in.done();
        return limit;
    }

    private static NamedRate rate(Obj in) {
        NamedRate rate = new NamedRate(in.text("name"), in.decimal("value"), in.text("unit"));
        in.done();
        return rate;
    }

    private static ShownFigure shown(Obj in) {
        ShownFigure figure =
                new ShownFigure(in.wording("label"), in.text("formula"), in.unit("unit"), in.whole("decimals", 0, 12));
        in.done();
        return figure;
    }
}
