package dev.steelyard.core.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.deal.Checked.Not;
import dev.steelyard.core.deal.Conditions.Contained;
import dev.steelyard.core.deal.Dealt.Why;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.tax.TaxRules;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A deal ready to be held against baskets. */
final class PreparedDeal {

    private final Deal deal;
    private final @Nullable String code;
    private final OwnTerms terms;

    PreparedDeal(Deal deal, @Nullable TaxRules tax) {
        this.deal = deal;
        this.terms = OwnTerms.of(deal, tax);
        this.code = deal.conditions().code() == null
                ? null
                : Conditions.normal(deal.conditions().code());
    }

    Deal deal() {
        return deal;
    }

    /** The code as it is compared. */
    @Nullable
    String code() {
        return code;
    }

    /** Whether it adds to the price: then it is no reduction that is compared with others. */
    boolean adds() {
        return deal.charges();
    }

    /** @param lines the places of those it acts on; none where they are to be found here */
    Checked check(Basket basket, Occasion occasion, int @Nullable [] lines) {
        Not condition = condition(occasion);
        if (condition != null) {
            return condition;
        }
        int[] acted = lines == null ? basket.linesOf(deal.acted()) : lines;
        if (acted.length == 0) {
            return new Not(Why.NO_GOODS, Fact.of(DealSays.NO_GOODS));
        }
        for (Contained contained : deal.conditions().contains()) {
            long missing = contained.pieces() - basket.pieces(basket.linesOf(contained.goods()));
            if (missing > 0) {
                return new Not(Why.CONTAINS, Fact.of(DealSays.BASKET_LACKS, Part.count(missing)));
            }
        }
        return gives(basket, occasion, acted);
    }

    private @Nullable Not condition(Occasion occasion) {
        if (deal.state() == CardState.PAUSED) {
            return new Not(Why.PAUSED, PassedOverFor.PAUSED.said());
        }
        if (deal.state() == CardState.ENDED) {
            return new Not(Why.NO_LONGER, PassedOverFor.NO_LONGER.said());
        }
        Conditions conditions = deal.conditions();
        PassedOverFor reason = conditions.audience().reasonAgainst(occasion.customer());
        reason = reason == null ? conditions.times().reasonAgainst(occasion.at()) : reason;
        if (reason != null) {
            return new Not(why(reason), reason.said());
        }
        if (code != null && !occasion.codes().contains(code)) {
            return new Not(Why.CODE, Fact.of(DealSays.CODE_NOT_GIVEN));
        }
        String list = conditions.codeList();
        if (list != null && !occasion.codeLists().contains(list)) {
            return new Not(Why.CODE, Fact.of(DealSays.NO_CODE_OF_LIST));
        }
        String payment = conditions.payment();
        return payment == null || payment.equals(occasion.payment())
                ? null
                : new Not(
                        Why.PAYMENT,
                        Fact.of(DealSays.OTHER_PAYMENT, Part.paidBy(payment), Part.paidBy(occasion.payment())));
    }

    private static Why why(PassedOverFor reason) {
        return switch (reason) {
            case CUSTOMER -> Why.CUSTOMER;
            case COUNTRY -> Why.COUNTRY;
            case NOT_YET -> Why.NOT_YET;
            case NO_LONGER -> Why.NO_LONGER;
            case NOT_NOW -> Why.NOT_NOW;
            case PAUSED -> Why.PAUSED;
        };
    }

    private Checked gives(Basket basket, Occasion occasion, int[] lines) {
        if (deal.gives() instanceof OnLadder ladder) {
            List<LadderReduction.Reached> reached = LadderReduction.reached(ladder, basket, lines);
            return reached.isEmpty()
                    ? new Not(Why.TOO_LITTLE, Nexts.missing(basket, ladder, lines))
                    : new Ready(deal, lines, new LadderReduction(ladder, reached, terms));
        } else if (deal.gives() instanceof BuyAndGet both) {
            BuyAndGetReduction reduction = new BuyAndGetReduction(both, basket.linesOf(both.buy()), terms);
            return reduction.count(basket, lines, basket.totals()) == 0
                    ? new Not(Why.TOO_LITTLE, Nexts.missing(basket, reduction, lines))
                    : new Ready(deal, lines, reduction);
        }
        return new Ready(
                deal,
                lines,
                new PaymentReduction((ByPayment) deal.gives(), Objects.requireNonNull(occasion.payment()), terms));
    }
}
