package dev.steelyard.web.editing.deal;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.Wording;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.selling.shown.GoodsWords;
import dev.steelyard.web.selling.shown.HourWords;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** What each step of a deal says, shortly. */
final class DealSummaries {

    private DealSummaries() {}

    static String of(DealStep step, Deal deal, PriceBook book) {
        return switch (step) {
            case GIVES -> DealStart.of(kind(deal)).map(DealStart::title).orElse("");
            case GOODS -> goods(deal, book);
            case WHO -> who(deal.conditions());
            case LANGUAGES -> "";
            case WORDS -> deal.combine() == Deal.Combine.ADDS_UP ? "adds up with others" : "stands alone";
        };
    }

    /** The kind's word in files. */
    static String kind(Deal deal) {
        if (deal.gives() instanceof BuyAndGet) {
            return DealStart.BUY_AND_GET.code();
        } else if (deal.gives() instanceof ByPayment) {
            return DealStart.PAYMENT.code();
        }
        return switch (((dev.steelyard.core.deal.Gives.OnLadder) deal.gives()).counts()) {
            case SPEND -> DealStart.SPEND.code();
            case PIECES -> DealStart.PIECES.code();
            case PRODUCTS, SKUS -> DealStart.VARIETY.code();
        };
    }

    static String goods(Deal deal, PriceBook book) {
        if (deal.gives() instanceof BuyAndGet both && !both.buy().equals(both.get())) {
            return GoodsWords.of(both.buy(), book, Wording::of, Words.owners()) + " → "
                    + GoodsWords.of(both.get(), book, Wording::of, Words.owners());
        }
        return deal.acted().isEverything()
                ? "the whole basket"
                : GoodsWords.of(deal.acted(), book, Wording::of, Words.owners());
    }

    /** “for Crew club, with a code, until 1 May 2027”; “everyone, always” where nothing is asked. */
    static String who(Conditions conditions) {
        List<String> said = new ArrayList<>();
        if (!conditions.audience().groupsIn().isEmpty()) {
            said.add("for " + joined(conditions.audience().groupsIn()));
        }
        if (!conditions.audience().groupsOut().isEmpty()) {
            said.add("not for " + joined(conditions.audience().groupsOut()));
        }
        if (conditions.audience().signedIn() != null) {
            said.add(conditions.audience().signedIn() ? "signed in" : "not signed in");
        }
        if (conditions.audience().firstOrder() != null) {
            said.add(conditions.audience().firstOrder() ? "first order" : "not the first order");
        }
        if (!conditions.audience().countries().isEmpty()) {
            said.add("to "
                    + String.join(
                            ", ",
                            conditions.audience().countries().stream()
                                    .sorted()
                                    .map(code -> Countries.all().getOrDefault(code, code))
                                    .toList()));
        }
        if (conditions.code() != null) {
            said.add("with the code " + conditions.code());
        }
        if (conditions.codeList() != null) {
            said.add("with a code of “" + conditions.codeList() + "”");
        }
        if (conditions.payment() != null) {
            said.add("paid by " + conditions.payment());
        }
        if (!conditions.contains().isEmpty()) {
            said.add("with something else in the basket");
        }
        times(conditions, said);
        return said.isEmpty() ? "everyone, always" : String.join(", ", said);
    }

    private static void times(Conditions conditions, List<String> said) {
        if (conditions.times().from() != null) {
            said.add("from " + Show.day(conditions.times().from().toLocalDate()));
        }
        if (conditions.times().until() != null) {
            said.add(Show.end(conditions.times().until()));
        }
        if (conditions.times().hasHours()) {
            said.add(HourWords.of(conditions.times(), Words.owners()));
        }
    }

    private static String joined(Set<String> names) {
        return String.join(", ", new TreeSet<>(names));
    }
}
