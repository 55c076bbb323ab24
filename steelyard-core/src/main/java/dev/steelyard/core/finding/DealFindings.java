package dev.steelyard.core.finding;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Deal.Combine;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Finds what is wrong or odd about a deal, by analysis and by trying it on the goods of the shop. */
public final class DealFindings {

    private static final int SHORTEST_CODE = 8;
    private static final int MOST_SAID = 4;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final Set<String> COMMON = Set.of(
            "SALE",
            "SAVE",
            "DEAL",
            "PROMO",
            "CODE",
            "SPRING",
            "SUMMER",
            "AUTUMN",
            "WINTER",
            "WELCOME",
            "HELLO",
            "TEST",
            "DISCOUNT",
            "OFFER",
            "VIP",
            "FREE",
            "NEW",
            "CLUB");

    private final PriceBook book;
    private final GoodsDirectory goods;
    private final Set<String> payments;
    private final ZonedDateTime now;
    private final Margins margins;

    /**
     * @param goods of the shop
     * @param payments the methods it offers
     * @param now in the shop's time zone
     * @param margins to be kept
     */
    public DealFindings(
            PriceBook book, GoodsDirectory goods, Set<String> payments, ZonedDateTime now, Margins margins) {
        this.book = book;
        this.goods = goods;
        this.payments = Set.copyOf(payments);
        this.now = now;
        this.margins = margins;
    }

    /**
     * All findings of a deal, the gravest first.
     *
     * @param others the other deals that are live, in their order
     */
    public List<Finding> of(Deal deal, List<Deal> others) {
        List<Finding> found = new ArrayList<>();
        conditions(deal, found);
        goods(deal, found);
        if (deal.gives() instanceof OnLadder ladder) {
            rows(ladder, found);
            if (ladder.counts() == Counts.SPEND) {
                cliffs(ladder, found);
            }
        }
        found.addAll(new DealOnGoods(book, goods, now, margins).of(deal));
        beside(deal, others, found);
        return found.stream()
                .sorted(Comparator.comparing(finding -> finding.code().severity()))
                .toList();
    }

    private void conditions(Deal deal, List<Finding> found) {
        Conditions conditions = deal.conditions();
        ZonedDateTime until = conditions.times().until();
        if (until != null && !until.isAfter(now)) {
            found.add(Finding.analysed(
                    Code.EXPIRED, "/until", Fact.of(FindingSays.OVER_SINCE, Part.day(until.toLocalDate())), null));
        }
        Set<String> in = conditions.audience().groupsIn();
        if (!in.isEmpty() && conditions.audience().groupsOut().containsAll(in)) {
            found.add(Finding.analysed(Code.NEVER_REACHED, "/groups", Fact.of(FindingSays.FOR_NOBODY), null));
        }
        String payment = conditions.payment();
        if (payment != null && !payments.contains(payment)) {
            found.add(Finding.analysed(
                    Code.NEVER_REACHED,
                    "/payment",
                    Fact.of(
                            FindingSays.NOBODY_PAYS_BY,
                            Part.name(payment),
                            Part.all(
                                    Join.LIST,
                                    payments.stream().sorted().map(Part::name).toList())),
                    null));
        }
        String code = conditions.code();
        Fact weak = code == null ? null : weakness(Part.typed(code), Conditions.normal(code));
        if (weak != null) {
            found.add(Finding.analysed(Code.WEAK_CODE, "/code", weak, null));
        }
    }

    private static @Nullable Fact weakness(Part shown, String code) {
        if (code.length() < SHORTEST_CODE) {
            return Fact.of(FindingSays.CODE_TOO_SHORT, shown, Part.count(code.length()), Part.count(SHORTEST_CODE));
        }
        if (code.matches("\\d+")) {
            return Fact.of(FindingSays.CODE_ONLY_DIGITS, shown);
        }
        long different = code.chars().distinct().count();
        if (different <= 2) {
            return Fact.of(FindingSays.CODE_FEW_CHARACTERS, shown, Part.count(different));
        }
        String word = code.replaceAll("[^\\p{L}]", "");
        return COMMON.contains(word.toUpperCase(Locale.ROOT))
                ? Fact.of(FindingSays.CODE_COMMON, shown, Part.typed(word))
                : null;
    }

    private void goods(Deal deal, List<Finding> found) {
        if (deal.gives() instanceof OnLadder ladder) {
            nothing(ladder.goods(), "/covers", found);
        } else if (deal.gives() instanceof BuyAndGet both) {
            nothing(both.buy(), "/buy/covers", found);
            nothing(both.get(), "/get/covers", found);
        }
        for (int i = 0; i < deal.conditions().contains().size(); i++) {
            nothing(deal.conditions().contains().get(i).goods(), "/contains/" + i + "/covers", found);
        }
    }

    private void nothing(GoodsSet set, String at, List<Finding> found) {
        boolean some = goods.items(set).findAny().isPresent();
        if (!some && !goods.all().isEmpty()) {
            found.add(Finding.analysed(Code.COVERS_NOTHING, at, Fact.of(FindingSays.NOTHING_MEANT), null));
        }
    }

    private static void rows(OnLadder ladder, List<Finding> found) {
        Row before = null;
        for (int i = 0; i < ladder.rows().size(); i++) {
            Row row = ladder.rows().get(i);
            boolean price = ladder.value() == Value.PRICE_EACH;
            int step = before == null
                    ? price ? 1 : row.value().signum()
                    : price
                            ? before.value().compareTo(row.value())
                            : row.value().compareTo(before.value());
            if (step <= 0) {
                Part from = Part.number(row.from());
                found.add(Finding.analysed(
                        Code.NO_OP,
                        "/rows/" + i,
                        step == 0
                                ? Fact.of(FindingSays.ROW_CHANGES_NOTHING, from)
                                : Fact.of(
                                        FindingSays.ROW_GIVES_LESS,
                                        from,
                                        Part.number(
                                                Objects.requireNonNull(before).from())),
                        new Mend.Remove("/rows/" + i)));
            }
            before = row;
        }
    }

    private void cliffs(OnLadder ladder, List<Finding> found) {
        int digits = book.rules().rounding().minorDigits();
        BigDecimal coin = BigDecimal.ONE.movePointLeft(digits);
        Row before = null;
        int said = 0;
        for (int i = 0; i < ladder.rows().size() && said < MOST_SAID; i++) {
            Row row = ladder.rows().get(i);
            BigDecimal least = row.least(Counts.SPEND, digits);
            BigDecimal below = least.subtract(coin);
            if (below.signum() > 0) {
                BigDecimal then = left(ladder.value(), row, least);
                BigDecimal now = before == null ? below : left(ladder.value(), before, below);
                if (now.compareTo(then) > 0) {
                    said++;
                    found.add(Finding.analysed(
                            Code.SPEND_CLIFF,
                            "/rows/" + i,
                            Fact.of(
                                    FindingSays.SPENDING_MORE_COSTS_LESS,
                                    new Part.Money(below, digits),
                                    rounded(now),
                                    new Part.Money(least, digits),
                                    rounded(then)),
                            null));
                }
            }
            before = row;
        }
    }

    private Part rounded(BigDecimal sum) {
        return Part.money(book.rules().rounding().lineTotal(sum));
    }

    private static BigDecimal left(Value value, Row row, BigDecimal spent) {
        BigDecimal off = value == Value.PERCENT_OFF
                ? spent.multiply(row.value(), Decimals.EXACT).divide(HUNDRED, Decimals.EXACT)
                : row.value().min(spent);
        return spent.subtract(off);
    }

    private void beside(Deal deal, List<Deal> others, List<Finding> found) {
        int said = 0;
        for (Deal other : others) {
            if (said < MOST_SAID && meet(deal, other)) {
                long common = common(deal, other);
                if (beats(other, deal)) {
                    found.add(Finding.analysed(
                            Code.BEATEN, "", Fact.of(FindingSays.BEATEN, Part.name(other.name())), null));
                    said++;
                } else if (common > 0
                        && !(deal.gives() instanceof ByPayment)
                        && !(other.gives() instanceof ByPayment)) {
                    found.add(Finding.analysed(Code.OVERLAP, "", overlap(deal, other, common), null));
                    said++;
                }
            }
        }
    }

    private static Fact overlap(Deal deal, Deal other, long common) {
        boolean both = deal.combine() == Combine.ADDS_UP && other.combine() == Combine.ADDS_UP;
        return Fact.of(
                both ? FindingSays.BOTH_ADD_UP : FindingSays.LARGER_IS_USED,
                Part.name(other.name()),
                Part.count(common));
    }

    private static boolean meet(Deal deal, Deal other) {
        return deal.conditions().meets(other.conditions());
    }

    private long common(Deal deal, Deal other) {
        GoodsSet ours = deal.acted();
        GoodsSet theirs = other.acted();
        boolean narrower = theirs.isEverything(); // the side that names something is found from what it names
        return goods.items(narrower ? ours : theirs)
                .filter(narrower ? theirs::has : ours::has)
                .map(item -> item.product().sku())
                .distinct()
                .count();
    }

    /** Whether another counts whenever this does, with at least as much off at every threshold, and not beside it. */
    private boolean beats(Deal other, Deal deal) {
        boolean alone = other.combine() == Combine.STANDS_ALONE || deal.combine() == Combine.STANDS_ALONE;
        Conditions theirs = other.conditions();
        boolean always = theirs.takesAllOf(deal.conditions());
        if (!alone
                || !always
                || !(other.gives() instanceof OnLadder better)
                || !(deal.gives() instanceof OnLadder ladder)
                || better.counts() != ladder.counts()
                || better.value() != ladder.value()
                || better.each() != ladder.each()
                || better.forEvery() != ladder.forEvery()
                || better.atMost() != null
                || ladder.value() == Value.PRICE_EACH
                || !widerGoods(better.goods(), ladder.goods())) {
            return false;
        }
        int digits = book.rules().rounding().minorDigits();
        return ladder.rows().stream().allMatch(row -> better.rows().stream()
                .anyMatch(one -> one.least(better.counts(), digits).compareTo(row.least(ladder.counts(), digits)) <= 0
                        && one.value().compareTo(row.value()) >= 0));
    }

    private boolean widerGoods(GoodsSet wide, GoodsSet narrow) {
        return wide.isEverything() || goods.items(narrow).allMatch(wide::has);
    }
}
