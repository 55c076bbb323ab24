package dev.steelyard.core.finding;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.reckoning.Step.Figure;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What can be told from a card as it is written. */
final class WrittenFindings {

    /** The unit a price is told per, where per the pack's own it would be all zeros. */
    private static final Map<Unit, Unit> TOLD_PER = Map.of(
            Unit.G, Unit.KG, Unit.ML, Unit.L, Unit.CM3, Unit.L, Unit.MM, Unit.M, Unit.CM, Unit.M, Unit.MM2, Unit.M2,
            Unit.CM2, Unit.M2);

    private static final BigDecimal NINETY = BigDecimal.valueOf(90);
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal FIFTH = new BigDecimal("0.2");

    private final PreparedCard card;
    private final Item item;
    private final List<Finding> found = new ArrayList<>();

    private WrittenFindings(PreparedCard card, Item item) {
        this.card = card;
        this.item = item;
    }

    static List<Finding> of(PreparedCard card, Item item) {
        WrittenFindings findings = new WrittenFindings(card, item);
        Ladder ladder = card.card().ladder();
        if (ladder != null) {
            findings.values(ladder);
            findings.lastLot(ladder);
            findings.beyondOrders(ladder);
        }
        List<Case> cases = card.card().cases().all();
        for (int i = 0; i < cases.size(); i++) {
            String at = "/cases/" + i + "/piece";
            if (cases.get(i).piece() instanceof PiecePrice.Grid grid) {
                findings.grid(grid, at + "/grid");
            } else if (cases.get(i).piece() instanceof PiecePrice.Packs packs) {
                findings.packs(packs, at + "/packs");
            }
        }
        return findings.found;
    }

    private void values(Ladder ladder) {
        for (int i = 0; i < ladder.rows().size(); i++) {
            Break row = ladder.rows().get(i);
            String at = "/ladder/rows/" + i;
            String value = row.value().toPlainString();
            if (ladder.value() == Value.PERCENT_OFF && row.value().compareTo(NINETY) > 0) {
                found.add(Finding.analysed(
                        Code.PRICE_AS_PERCENT,
                        at + "/value",
                        "From " + row.from().toPlainString() + ", " + value + " % is taken off; is it a price?",
                        new Mend.Write("/ladder/value", "price")));
            }
            BigDecimal shelfPrice = item.shelfPrice();
            boolean small = shelfPrice != null && row.value().compareTo(shelfPrice.multiply(FIFTH)) < 0;
            boolean whole = row.value().stripTrailingZeros().scale() <= 0
                    && row.value().signum() > 0
                    && row.value().compareTo(HUNDRED) < 0;
            if (ladder.value() == Value.PRICE && ladder.unit() == null && whole && small) {
                found.add(Finding.analysed(
                        Code.PERCENT_AS_PRICE,
                        at + "/value",
                        "From " + row.from().toPlainString() + " a piece costs " + value + ", less than a fifth of the"
                                + " shelf price "
                                + Objects.requireNonNull(shelfPrice).toPlainString()
                                + "; is it percent off?",
                        new Mend.Write("/ladder/value", "percent-off")));
            }
        }
    }

    private void lastLot(Ladder ladder) {
        long most = card.card().quantity().largest().orElse(0);
        if (ladder.mode() == Mode.LOT
                && ladder.upTo() != null
                && ladder.furtherPiece() == null
                && ladder.upTo().compareTo(BigDecimal.valueOf(most)) < 0) {
            found.add(Finding.analysed(
                    Code.LIMITS,
                    "/ladder/upTo",
                    "More than " + Quantity.words(ladder.upTo().toPlainString())
                            + " can be asked for and have no price; add a further-piece price to sell them, or let "
                            + ladder.upTo().toPlainString() + " be the most that is ordered",
                    new Mend.Put("/quantity/atMost", ladder.upTo())));
        }
    }

    /** Breaks that no line can reach, since it cannot have so many pieces. */
    private void beyondOrders(Ladder ladder) {
        long most = card.card().quantity().largest().orElse(0);
        boolean alone = ladder.counts() == Ladder.Counts.PIECES && ladder.over() == Over.LINE;
        for (int i = 0; alone && i < ladder.rows().size(); i++) {
            BigDecimal from = ladder.rows().get(i).from();
            if (from.compareTo(BigDecimal.valueOf(most)) > 0) {
                String at = "/ladder/rows/" + i;
                found.add(Finding.analysed(
                        Code.NEVER_REACHED,
                        at,
                        "The break from " + from.toPlainString() + " is above the " + Quantity.words(most)
                                + " that one line can have",
                        new Mend.Remove(at)));
            }
        }
    }

    private void grid(PiecePrice.Grid grid, String at) {
        for (int row = 0; row < grid.rows().size(); row++) {
            for (int column = 0; column < grid.columns().size(); column++) {
                BigDecimal price = grid.prices().get(row).get(column);
                BigDecimal wider = column + 1 < grid.columns().size()
                        ? grid.prices().get(row).get(column + 1)
                        : null;
                BigDecimal higher = row + 1 < grid.rows().size()
                        ? grid.prices().get(row + 1).get(column)
                        : null;
                dearer(grid, row, column, price, wider, "the next column", at);
                dearer(grid, row, column, price, higher, "the next row", at);
            }
        }
        if (!grid.elseNextCase()) {
            beyond(grid.columnsBy(), grid.columns(), grid.columnUnit(), at + "/columns");
            beyond(grid.rowsBy(), grid.rows(), grid.rowUnit(), at + "/rows");
        }
    }

    private void dearer(
            PiecePrice.Grid grid,
            int row,
            int column,
            @Nullable BigDecimal price,
            @Nullable BigDecimal larger,
            String where,
            String at) {
        if (price != null && larger != null && price.compareTo(larger) > 0) {
            found.add(Finding.analysed(
                    Code.GRID_ORDER,
                    at + "/prices/" + row + "/" + column,
                    new Figure(grid.columns().get(column), 0, grid.columnUnit()) + " by "
                            + new Figure(grid.rows().get(row), 0, grid.rowUnit()) + " costs " + price.toPlainString()
                            + ", more than " + where + " at " + larger.toPlainString(),
                    new Mend.Put(at + "/prices/" + row + "/" + column, larger)));
        }
    }

    private void beyond(String name, List<BigDecimal> edges, Unit unit, String at) {
        BigDecimal last = edges.get(edges.size() - 1);
        for (int i = 0; i < card.card().asks().size(); i++) {
            if (card.card().asks().get(i) instanceof Measurement ask
                    && ask.name().equals(name)) {
                BigDecimal largest = ask.most();
                if (largest == null || ask.unit().toBase(largest).compareTo(unit.toBase(last)) > 0) {
                    found.add(Finding.analysed(
                            Code.LIMITS,
                            "/asks/" + i + "/max",
                            ask.label() + " may be "
                                    + (largest == null ? "any size" : "up to " + new Figure(largest, 0, ask.unit()))
                                    + ", but the grid ends at " + new Figure(last, 0, unit),
                            new Mend.Put(
                                    "/asks/" + i + "/max",
                                    Decimals.normal(ask.unit().fromBase(unit.toBase(last))))));
                }
            }
        }
    }

    private void packs(PiecePrice.Packs packs, String at) {
        List<PiecePrice.Pack> all = packs.packs();
        for (int i = 0; i < all.size(); i++) {
            PiecePrice.Pack pack = all.get(i);
            BigDecimal each = perUnit(pack);
            for (PiecePrice.Pack smaller : all) {
                boolean less = smaller.unit()
                                .toBase(smaller.amount())
                                .compareTo(pack.unit().toBase(pack.amount()))
                        < 0;
                if (less && perUnit(smaller).compareTo(each) < 0) {
                    dearer(pack, each, "the pack of " + smaller.name(), perUnit(smaller), at + "/packs/" + i);
                    break;
                }
            }
            if (packs.own() != null) {
                BigDecimal own = packs.own().price().divide(packs.own().unit().factor(), Decimals.EXACT);
                if (own.compareTo(each) < 0) {
                    dearer(pack, each, "any amount of one’s own", own, at + "/packs/" + i);
                }
            }
        }
    }

    private void dearer(PiecePrice.Pack pack, BigDecimal each, String than, BigDecimal other, String at) {
        Unit told = TOLD_PER.getOrDefault(pack.unit(), pack.unit());
        BigDecimal factor = told.factor();
        BigDecimal wanted = other.multiply(pack.unit().toBase(pack.amount()), Decimals.EXACT);
        found.add(Finding.analysed(
                Code.PACK_DEARER,
                at + "/price",
                "The pack of " + pack.name() + " costs " + shown(each.multiply(factor)) + " per " + told.symbol()
                        + ", more than " + than + " at " + shown(other.multiply(factor)),
                new Mend.Put(at + "/price", wanted.setScale(2, RoundingMode.DOWN))));
    }

    private static BigDecimal perUnit(PiecePrice.Pack pack) {
        return pack.price().divide(pack.unit().toBase(pack.amount()), Decimals.EXACT);
    }

    private static String shown(BigDecimal value) {
        return value.setScale(2, RoundingMode.HALF_UP).toPlainString();
    }
}
