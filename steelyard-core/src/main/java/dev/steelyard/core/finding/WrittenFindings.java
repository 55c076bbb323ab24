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
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
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
            Part from = Part.number(row.from());
            if (ladder.value() == Value.PERCENT_OFF && row.value().compareTo(NINETY) > 0) {
                found.add(Finding.analysed(
                        Code.PRICE_AS_PERCENT,
                        at + "/value",
                        Fact.of(FindingSays.LOOKS_LIKE_PRICE, from, Part.number(row.value())),
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
                        Fact.of(
                                FindingSays.LOOKS_LIKE_PERCENT,
                                from,
                                Part.number(row.value()),
                                Part.money(Objects.requireNonNull(shelfPrice))),
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
                    Fact.of(
                            FindingSays.NO_PRICE_BEYOND,
                            Part.count(ladder.upTo().longValueExact())),
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
                        Fact.of(FindingSays.ABOVE_ONE_LINE, Part.number(from), Part.count(most)),
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
                dearer(grid, row, column, price, wider, true, at);
                dearer(grid, row, column, price, higher, false, at);
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
            boolean nextColumn,
            String at) {
        if (price != null && larger != null && price.compareTo(larger) > 0) {
            found.add(Finding.analysed(
                    Code.GRID_ORDER,
                    at + "/prices/" + row + "/" + column,
                    Fact.of(
                            FindingSays.CELL_DEARER,
                            Part.amount(grid.columns().get(column), grid.columnUnit()),
                            Part.amount(grid.rows().get(row), grid.rowUnit()),
                            Part.money(price),
                            Part.money(larger),
                            nextColumn ? Part.count(1) : Part.NONE),
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
                            Fact.of(
                                    FindingSays.WIDER_THAN_GRID,
                                    Part.name(ask.label()),
                                    largest == null ? Part.NONE : Part.amount(largest, ask.unit()),
                                    Part.amount(last, unit)),
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
                    dearer(pack, each, Part.name(smaller.name()), perUnit(smaller), at + "/packs/" + i);
                    break;
                }
            }
            if (packs.own() != null) {
                BigDecimal own = packs.own().price().divide(packs.own().unit().factor(), Decimals.EXACT);
                if (own.compareTo(each) < 0) {
                    dearer(pack, each, Part.NONE, own, at + "/packs/" + i);
                }
            }
        }
    }

    private void dearer(PiecePrice.Pack pack, BigDecimal each, Part smaller, BigDecimal other, String at) {
        Unit told = TOLD_PER.getOrDefault(pack.unit(), pack.unit());
        BigDecimal factor = told.factor();
        BigDecimal wanted = other.multiply(pack.unit().toBase(pack.amount()), Decimals.EXACT);
        found.add(Finding.analysed(
                Code.PACK_DEARER,
                at + "/price",
                Fact.of(
                        FindingSays.PACK_DEARER,
                        Part.name(pack.name()),
                        shown(each.multiply(factor)),
                        new Part.UnitOf(told),
                        smaller,
                        shown(other.multiply(factor))),
                new Mend.Put(at + "/price", wanted.setScale(2, RoundingMode.DOWN))));
    }

    private static BigDecimal perUnit(PiecePrice.Pack pack) {
        return pack.price().divide(pack.unit().toBase(pack.amount()), Decimals.EXACT);
    }

    private static Part shown(BigDecimal value) {
        return Part.money(value.setScale(2, RoundingMode.HALF_UP));
    }
}
