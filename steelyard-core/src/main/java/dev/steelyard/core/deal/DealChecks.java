package dev.steelyard.core.deal;

import dev.steelyard.core.deal.Conditions.Contained;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What stands against a deal as it is written; where nothing does, it has a result for every basket. */
public final class DealChecks {

    /** Characters a code may have. */
    public static final int LONGEST_CODE = 40;

    private static final int LONGEST_WORDS = 200;
    private static final int MOST_ROWS = 200;
    private static final int MOST_CONTAINED = 20;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final List<DealIssue> issues = new ArrayList<>();

    private DealChecks() {}

    /** All that is wrong; empty where nothing is. */
    public static List<DealIssue> of(Deal deal) {
        DealChecks checks = new DealChecks();
        checks.words(deal);
        checks.conditions(deal.conditions());
        checks.oneOf(deal);
        if (deal.gives() instanceof OnLadder ladder) {
            checks.ladder(ladder);
        } else if (deal.gives() instanceof BuyAndGet both) {
            checks.buyAndGet(both);
        } else {
            checks.payment((ByPayment) deal.gives(), deal.conditions());
        }
        return List.copyOf(checks.issues);
    }

    private void add(String at, String message) {
        issues.add(new DealIssue(at, message));
    }

    private void words(Deal deal) {
        if (deal.name().isBlank() || deal.name().length() > LONGEST_WORDS) {
            add("/name", "a deal has a name of at most " + LONGEST_WORDS + " characters");
        }
        if (deal.words().isBlank() || deal.words().length() > LONGEST_WORDS) {
            add("/words", "what shoppers read has at most " + LONGEST_WORDS + " characters");
        }
    }

    private void oneOf(Deal deal) {
        String set = deal.oneOf();
        if (set == null) {
            return;
        }
        if (set.isBlank() || set.length() > LONGEST_WORDS) {
            add("/oneOf", "the name of a set has at most " + LONGEST_WORDS + " characters");
        }
        if (deal.combine() != Deal.Combine.ADDS_UP) {
            add("/oneOf", "a deal that stands alone is one of no set; only those that add up are");
        }
        if (deal.charges()) {
            add("/oneOf", "what is added to the price is one of no set");
        }
    }

    private void conditions(Conditions conditions) {
        String code = conditions.code();
        if (code != null && !code.strip().matches("[\\p{L}\\p{N}_-]{1," + LONGEST_CODE + "}")) {
            add("/code", "a code has letters, digits, - and _, at most " + LONGEST_CODE + " of them");
        }
        if (conditions.codeList() != null && conditions.codeList().isBlank()) {
            add("/codeList", "name the list of codes, or leave it out");
        }
        if (code != null && conditions.codeList() != null) {
            add("/codeList", "a deal has one code or a list of codes, not both");
        }
        if (conditions.payment() != null && conditions.payment().isBlank()) {
            add("/payment", "name the payment method, or leave it out");
        }
        if (conditions.contains().size() > MOST_CONTAINED) {
            add("/contains", "a basket can be asked for at most " + MOST_CONTAINED + " things");
        }
        for (int i = 0; i < conditions.contains().size(); i++) {
            Contained contained = conditions.contains().get(i);
            pieces("/contains/" + i + "/pieces", contained.pieces());
        }
    }

    private void pieces(String at, long pieces) {
        if (!Quantity.allowed(BigDecimal.valueOf(pieces))) {
            add(at, pieces + " is no number of pieces; it is a whole number from 1 to 1000000");
        }
    }

    private void ladder(OnLadder ladder) {
        if (ladder.rows().isEmpty()) {
            add("/rows", "a deal has at least one threshold");
        }
        if (ladder.rows().size() > MOST_ROWS) {
            add("/rows", "a deal has at most " + MOST_ROWS + " thresholds");
        }
        if (ladder.counts() == Counts.SPEND
                && ladder.value() != Value.PERCENT_OFF
                && ladder.value() != Value.AMOUNT_OFF) {
            add("/value", "what is spent takes a percentage or an amount off in all");
        } else if (ladder.counts() != Counts.SPEND && ladder.value() == Value.AMOUNT_OFF) {
            add("/value", "pieces and varieties take a percentage or an amount off each, or give a price each");
        }
        if (ladder.each() != Apart.TOGETHER && ladder.counts() != Counts.PIECES) {
            add("/each", "only pieces are counted for each product or SKU");
        }
        forEvery(ladder);
        Row before = null;
        for (int i = 0; i < ladder.rows().size(); i++) {
            Row row = ladder.rows().get(i);
            threshold("/rows/" + i + "/from", ladder.counts(), row, before);
            value("/rows/" + i + "/value", ladder.value(), row.value());
            before = row;
        }
    }

    private void forEvery(OnLadder ladder) {
        if (!ladder.forEvery()) {
            if (ladder.atMost() != null) {
                add("/atMost", "“at most” says how often “for every” counts; without it, leave it out");
            }
            return;
        }
        if (ladder.atMost() != null) {
            pieces("/atMost", ladder.atMost());
        }
        if (ladder.counts() != Counts.SPEND || ladder.value() != Value.AMOUNT_OFF) {
            add("/forEvery", "only an amount off what is spent counts for every full threshold");
        } else if (ladder.rows().size() > 1) {
            add(
                    "/forEvery",
                    "what counts for every full threshold has one threshold, not "
                            + ladder.rows().size());
        } else if (ladder.rows().size() == 1) {
            Row row = ladder.rows().get(0);
            if (row.from().signum() <= 0) {
                add("/rows/0/from", "for every 0 there is no end; a threshold that counts so is more than 0");
            }
            if (row.over()) {
                add("/rows/0/over", "“for every” counts full thresholds, so it cannot be “over” one");
            }
        }
    }

    private void threshold(String at, Counts counts, Row row, @Nullable Row before) {
        BigDecimal from = row.from();
        if (from.signum() < 0 || Decimals.tooLarge(from)) {
            add(at, from.toPlainString() + " is no threshold; it is 0 or more, below " + Decimals.TOO_LARGE);
        } else if (counts != Counts.SPEND && Decimals.normal(from).scale() > 0) {
            add(at, from.toPlainString() + " is not a whole number; this is counted in whole ones");
        } else if (before != null && before.from().compareTo(from) >= 0) {
            add(
                    at,
                    from.compareTo(before.from()) == 0
                            ? "two thresholds are at " + Decimals.plain(from, 0)
                            : "thresholds go up: " + Decimals.plain(from, 0) + " comes after "
                                    + Decimals.plain(before.from(), 0));
        }
    }

    private void value(String at, Value value, BigDecimal much) {
        if (much.signum() < 0 || Decimals.tooLarge(much)) {
            add(at, much.toPlainString() + " is not allowed; this is 0 or more");
        } else if (value == Value.PERCENT_OFF && much.compareTo(HUNDRED) > 0) {
            add(at, "more than 100 % cannot be taken off");
        }
    }

    private void buyAndGet(BuyAndGet both) {
        pieces("/buy/pieces", both.buyPieces());
        pieces("/get/pieces", both.getPieces());
        if (both.atMost() != null) {
            pieces("/atMost", both.atMost());
        }
        if (both.value() == Value.AMOUNT_OFF) {
            add("/get/value", "what is given is free, or at a percentage, an amount off each or a price each");
        }
        if (both.same() != Apart.TOGETHER && !both.buy().equals(both.get())) {
            add("/same", "what is bought and what is given must be the same goods, to be of the same product or SKU");
        }
        value("/get/amount", both.value(), both.amount());
    }

    private void payment(ByPayment gives, Conditions conditions) {
        if (conditions.payment() == null) {
            add("/payment", "name the payment method");
        }
        if (gives.value() != Value.PERCENT_OFF && gives.value() != Value.AMOUNT_OFF) {
            add("/value", "a way of paying takes a percentage or an amount off, or adds it");
        }
        if (Decimals.tooLarge(gives.amount())) {
            add("/amount", gives.amount().toPlainString() + " is too large");
        } else if (gives.value() == Value.PERCENT_OFF && gives.amount().abs().compareTo(HUNDRED) > 0) {
            add("/amount", "a percentage goes from −100 to 100");
        }
    }
}
