package dev.steelyard.format;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Apart;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Conditions.Contained;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.said.Wording;
import java.math.BigDecimal;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Reads a deal. */
final class DealReader {

    private static final int MOST_PIECES = Quantity.MOST;

    /** The kinds of deals, by their words. */
    enum Kind {
        SPEND,
        PIECES,
        VARIETY,
        BUY_AND_GET,
        PAYMENT
    }

    private DealReader() {}

    static Deal read(Obj in) {
        CardReader.version(in);
        String language = CardReader.language(in);
        String name = in.text("name");
        Wording words = in.optionalWording("words");
        CardState state = in.word("state", FormatWords.STATES, CardState.LIVE);
        Conditions conditions = new Conditions(
                CoversReader.audience(in),
                CoversReader.times(in),
                in.optionalText("code"),
                in.optionalText("codeList"),
                in.optionalText("payment"),
                in.objects("contains", DealReader::contained));
        Deal.Combine combine = in.word("combine", FormatWords.COMBINE, Deal.Combine.ADDS_UP);
        Deal.Terms terms = in.word("amounts", FormatWords.TERMS, Deal.Terms.AS_PRICES);
        String oneOf = in.optionalText("oneOf");
        Gives gives = gives(in, in.word("kind", FormatWords.DEAL_KINDS, null));
        in.done();
        return new Deal(name, words.or(name), state, conditions, combine, terms, oneOf, gives, language);
    }

    private static Contained contained(Obj in) {
        Contained contained = new Contained(goods(in, "covers"), in.whole("pieces", 1, MOST_PIECES));
        in.done();
        return contained;
    }

    private static GoodsSet goods(Obj in, String field) {
        return CoversReader.goodsSet(in.object(field));
    }

    private static Gives gives(Obj in, Kind kind) {
        return switch (kind) {
            case SPEND -> ladder(in, Counts.SPEND);
            case PIECES -> ladder(in, Counts.PIECES);
            case VARIETY -> ladder(in, in.word("different", FormatWords.DIFFERENT, Counts.PRODUCTS));
            case BUY_AND_GET -> buyAndGet(in);
            case PAYMENT -> new Gives.ByPayment(in.word("value", FormatWords.OF_PAYMENT, null), in.decimal("amount"));
        };
    }

    private static Gives ladder(Obj in, Counts counts) {
        boolean basket = in.word("of", FormatWords.OF_BASKET, false);
        Obj covers = in.optionalObject("covers");
        GoodsSet covered = covers == null ? GoodsSet.EVERYTHING : CoversReader.goodsSet(covers);
        if (basket && covers != null) {
            in.fault("covers", "a deal of the whole basket names no goods; leave this out, or say “of”: “covered”");
        }
        return new Gives.OnLadder(
                counts,
                basket ? null : covered,
                in.word("value", FormatWords.OF_LADDERS, null),
                in.objects("rows", row -> {
                    Gives.Row read = new Gives.Row(row.decimal("from"), row.decimal("value"), row.flag("over", false));
                    row.done();
                    return read;
                }),
                in.word("each", FormatWords.APART, Apart.TOGETHER),
                in.flag("forEvery", false),
                in.optionalWhole("atMost", 1, MOST_PIECES));
    }

    private static Gives buyAndGet(Obj in) {
        Obj buy = in.object("buy");
        int buyPieces = buy.whole("pieces", 1, MOST_PIECES);
        GoodsSet from = goods(buy, "covers");
        buy.done();
        Obj get = in.object("get");
        int getPieces = get.whole("pieces", 1, MOST_PIECES);
        GoodsSet to = goods(get, "covers");
        Value value = get.word("value", FormatWords.OF_GIVEN, null);
        @Nullable BigDecimal amount = value == Value.FREE ? get.optionalDecimal("amount") : get.decimal("amount");
        get.done();
        return new Gives.BuyAndGet(
                buyPieces,
                from,
                getPieces,
                to,
                value,
                Objects.requireNonNullElse(amount, BigDecimal.ZERO),
                in.optionalWhole("atMost", 1, MOST_PIECES),
                in.word("same", FormatWords.APART, Apart.TOGETHER));
    }
}
