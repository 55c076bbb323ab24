package dev.steelyard.format;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Apart;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.said.Wording;
import tools.jackson.databind.node.ObjectNode;

/** Writes a deal so that reading it gives an equal one. */
public final class DealWriter {

    private DealWriter() {}

    /** A deal alone. */
    public static ObjectNode write(Deal deal) {
        ObjectNode node = Json.object();
        node.put("version", 1).put("name", deal.name());
        if (!deal.language().isEmpty()) {
            node.put("language", deal.language());
        }
        if (!deal.words().equals(Wording.of(deal.name()))) {
            CardWriter.text(node, "words", deal.words());
        }
        if (deal.state() != CardState.LIVE) {
            node.put("state", FormatWords.of(FormatWords.STATES, deal.state()));
        }
        gives(node, deal);
        conditions(node, deal.conditions());
        if (deal.combine() != Deal.Combine.ADDS_UP) {
            node.put("combine", FormatWords.of(FormatWords.COMBINE, deal.combine()));
        }
        if (deal.terms() != Deal.Terms.AS_PRICES) {
            node.put("amounts", FormatWords.of(FormatWords.TERMS, deal.terms()));
        }
        CardWriter.text(node, "oneOf", deal.oneOf());
        return node;
    }

    private static void apart(ObjectNode node, String field, Apart apart) {
        if (apart != Apart.TOGETHER) {
            node.put(field, FormatWords.of(FormatWords.APART, apart));
        }
    }

    private static void gives(ObjectNode node, Deal deal) {
        if (deal.gives() instanceof OnLadder ladder) {
            ladder(node, ladder);
        } else if (deal.gives() instanceof BuyAndGet both) {
            node.put("kind", "buy-and-get");
            ObjectNode buy = node.putObject("buy").put("pieces", both.buyPieces());
            goods(buy, both.buy());
            ObjectNode get = node.putObject("get").put("pieces", both.getPieces());
            goods(get, both.get());
            get.put("value", FormatWords.of(FormatWords.OF_GIVEN, both.value()));
            if (both.value() != Value.FREE) {
                CardWriter.decimal(get, "amount", both.amount());
            }
            if (both.atMost() != null) {
                node.put("atMost", both.atMost());
            }
            apart(node, "same", both.same());
        } else if (deal.gives() instanceof ByPayment payment) {
            node.put("kind", "payment").put("value", FormatWords.of(FormatWords.OF_PAYMENT, payment.value()));
            CardWriter.decimal(node, "amount", payment.amount());
        }
    }

    private static void ladder(ObjectNode node, OnLadder ladder) {
        node.put(
                "kind",
                switch (ladder.counts()) {
                    case SPEND -> "spend";
                    case PIECES -> "pieces";
                    case PRODUCTS, SKUS -> "variety";
                });
        if (ladder.counts() == Counts.SKUS) {
            node.put("different", "skus");
        }
        if (ladder.covered() == null) {
            node.put("of", "basket");
        } else {
            goods(node, ladder.covered());
        }
        node.put("value", FormatWords.of(FormatWords.OF_LADDERS, ladder.value()));
        CardWriter.list(node, "rows", ladder.rows(), (one, row) -> {
            CardWriter.decimal(one, "from", row.from());
            CardWriter.decimal(one, "value", row.value());
            if (row.over()) {
                one.put("over", true);
            }
        });
        apart(node, "each", ladder.each());
        if (ladder.forEvery()) {
            node.put("forEvery", true);
        }
        if (ladder.atMost() != null) {
            node.put("atMost", ladder.atMost());
        }
    }

    private static void goods(ObjectNode node, GoodsSet goods) {
        CoversWriter.goodsSet(node.putObject("covers"), goods);
    }

    private static void conditions(ObjectNode node, Conditions conditions) {
        CardWriter.text(node, "code", conditions.code());
        CardWriter.text(node, "codeList", conditions.codeList());
        CardWriter.text(node, "payment", conditions.payment());
        CardWriter.list(node, "contains", conditions.contains(), (one, contained) -> {
            one.put("pieces", contained.pieces());
            goods(one, contained.goods());
        });
        CoversWriter.audience(node, conditions.audience());
        CoversWriter.times(node, conditions.times());
    }
}
