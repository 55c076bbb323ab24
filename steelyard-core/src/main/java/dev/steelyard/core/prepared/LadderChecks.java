package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Ladder.Counts;
import dev.steelyard.core.ladder.Ladder.Mode;
import dev.steelyard.core.ladder.Ladder.Value;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.unit.Dimension;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;

/** Checks that a ladder makes sense by itself and beside the ways its card prices a piece. */
final class LadderChecks {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final String AT = "/ladder";

    private final RateCard card;
    private final Ladder ladder;
    private final Issues issues;

    private LadderChecks(RateCard card, Ladder ladder, Issues issues) {
        this.card = card;
        this.ladder = ladder;
        this.issues = issues;
    }

    /** @param readsPieces whether a formula of the card reads {@code pieces} */
    static void check(RateCard card, Ladder ladder, boolean readsPieces, Issues issues) {
        LadderChecks checks = new LadderChecks(card, ladder, issues);
        checks.rows();
        checks.lots();
        checks.units();
        checks.options(readsPieces);
    }

    private void rows() {
        RowChecks.clear(ladder.rows(), AT + "/rows", issues);
        for (int i = 0; i < ladder.rows().size(); i++) {
            Break row = ladder.rows().get(i);
            String at = AT + "/rows/" + i;
            issues.unless(
                    !countsPieces() || Quantity.allowed(row.from()),
                    at + "/from",
                    "a threshold is a whole number of pieces from 1 to 1000000, not "
                            + row.from().toPlainString());
            issues.unless(
                    ladder.value() != Value.PERCENT_OFF || row.value().compareTo(HUNDRED) <= 0,
                    at + "/value",
                    "at most 100 percent can be taken off");
        }
        BigDecimal soldFrom = ladder.soldFrom();
        issues.unless(
                soldFrom == null || soldFrom.signum() > 0 && (!countsPieces() || Quantity.allowed(soldFrom)),
                AT + "/soldFrom",
                "“sold from” is more than 0" + (countsPieces() ? " and a whole number of pieces" : ""));
    }

    private void lots() {
        boolean lot = ladder.mode() == Mode.LOT;
        issues.unless(
                lot == (ladder.value() == Value.LOT_TOTAL),
                AT + "/value",
                lot ? "the value of a lot is its total (lot-total)" : "a lot total needs the mode lot");
        if (!lot) {
            issues.unless(ladder.upTo() == null, AT + "/upTo", "only lots are sold up to a number");
            issues.unless(ladder.furtherPiece() == null, AT + "/furtherPiece", "only lots have a further-piece price");
            for (int i = 0; i < card.cases().all().size(); i++) {
                issues.unless(
                        !(card.cases().all().get(i).piece() instanceof PiecePrice.None),
                        "/cases/" + i + "/piece",
                        "only lots leave the piece without a price of its own");
            }
            return;
        }
        issues.unless(countsPieces() && ladder.over() == Over.LINE, AT, "lots count the pieces of one line");
        issues.unless(!ladder.rows().isEmpty(), AT + "/rows", "there is at least one lot");
        BigDecimal last = ladder.rows().stream()
                .map(Break::from)
                .max(BigDecimal::compareTo)
                .orElse(BigDecimal.ONE);
        issues.unless(ladder.upTo() != null, AT + "/upTo", "lots say up to how many pieces they are sold (upTo)");
        issues.unless(
                ladder.upTo() == null
                        || Quantity.allowed(ladder.upTo()) && ladder.upTo().compareTo(last) >= 0,
                AT + "/upTo",
                "“sold up to” is a whole number of pieces, the last lot’s " + last.toPlainString() + " or more");
        issues.unless(
                ladder.furtherPiece() == null || ladder.furtherPiece().signum() >= 0,
                AT + "/furtherPiece",
                "a price is 0 or more");
        lotsHaveTheWholePrice();
    }

    private void lotsHaveTheWholePrice() {
        for (int i = 0; i < card.cases().all().size(); i++) {
            Case one = card.cases().all().get(i);
            issues.unless(
                    one.piece() instanceof PiecePrice.None,
                    "/cases/" + i + "/piece",
                    "lots have the whole price; the piece has none of its own");
            issues.unless(one.base() == null, "/cases/" + i + "/piece/base", "lots have no base charge");
        }
        for (int i = 0; i < card.asks().size(); i++) {
            if (card.asks().get(i) instanceof Choice choice) {
                for (int k = 0; k < choice.options().size(); k++) {
                    issues.unless(
                            !(choice.options().get(k).charge() instanceof Charge.Percent),
                            "/asks/" + i + "/options/" + k + "/charge",
                            "with lots there is no piece price to take a percentage of");
                }
            }
        }
    }

    /** A price is per piece, or per unit where every case is measured; an amount needs every case measured alike. */
    private void units() {
        List<PiecePrice> pieces = card.cases().all().stream().map(Case::piece).toList();
        boolean prices = ladder.value() == Value.PRICE;
        if (countsPieces() && !prices || ladder.mode() == Mode.LOT) {
            return;
        }
        List<Dimension> measured = pieces.stream().map(Measured::dimension).toList();
        boolean none = measured.stream().allMatch(Objects::isNull);
        if (countsPieces() && none) {
            issues.unless(ladder.unit() == null, AT + "/unit", "nothing is measured, so a price is for a piece");
            return;
        }
        String what = countsPieces() ? "A ladder of prices" : "A ladder over an amount";
        if (measured.contains(null) || measured.stream().distinct().count() > 1) {
            issues.add(AT, what + " needs all cases measured in one kind of unit");
            return;
        }
        if (ladder.unit() == null) {
            issues.add(AT + "/unit", what + " of measured goods says its unit");
            return;
        }
        issues.unless(
                ladder.unit().dimension().equals(measured.get(0)),
                AT + "/unit",
                "the cases are measured as " + measured.get(0).words() + ", but “"
                        + ladder.unit().code() + "” measures "
                        + ladder.unit().dimension().words());
        boolean slices = ladder.mode() == Mode.SLICE && !countsPieces();
        for (int i = 0; i < pieces.size(); i++) {
            String at = "/cases/" + i + "/piece";
            issues.unless(
                    !(prices || slices) || !(pieces.get(i) instanceof PiecePrice.Packs),
                    at,
                    "a pack has a price of its own, which prices or slices per unit cannot replace;"
                            + " use percent off or amount off, all units");
            issues.unless(
                    !slices || !(pieces.get(i) instanceof PiecePrice.Rate rate) || rate.breaks() == null,
                    at + "/rate/breaks",
                    "breaks on the rate and a ladder slice by slice over the amount cannot stand together");
        }
    }

    private void options(boolean readsPieces) {
        if (ladder.noCliffs()) {
            issues.unless(
                    countsPieces() && ladder.over() == Over.LINE && ladder.mode() != Mode.SLICE,
                    AT + "/noCliffs",
                    "“no cliffs” is for ladders over the pieces of one line, all units or lot");
            if (ladder.mode() == Mode.LOT) {
                chargesOfLotsWithoutCliffs();
            }
            issues.unless(
                    !readsPieces,
                    AT + "/noCliffs",
                    "“no cliffs” compares other numbers of pieces, so no formula may use “pieces”");
        }
    }

    /** A negative charge would make fewer pieces of a larger lot cost more than all of it. */
    private void chargesOfLotsWithoutCliffs() {
        for (int i = 0; i < card.asks().size(); i++) {
            if (card.asks().get(i) instanceof Choice choice) {
                for (int k = 0; k < choice.options().size(); k++) {
                    Charge charge = choice.options().get(k).charge();
                    issues.unless(
                            !(charge instanceof Charge.PerPiece piece
                                            && piece.amount().signum() < 0
                                    || charge instanceof Charge.PerUnit unit
                                            && unit.amount().signum() < 0),
                            "/asks/" + i + "/options/" + k + "/charge",
                            "with lots and “no cliffs” a charge for each piece or unit is 0 or more");
                }
            }
        }
    }

    /** The product's own rows are prices of a piece. */
    static void ownRows(RateCard card, Issues issues) {
        for (int i = 0; card.productsOwnRows() && i < card.cases().all().size(); i++) {
            issues.unless(
                    Measured.dimension(card.cases().all().get(i).piece()) == null,
                    "/cases/" + i + "/piece",
                    "the product’s own rows are prices of a piece and do not fit measured goods");
        }
    }

    private boolean countsPieces() {
        return ladder.counts() == Counts.PIECES;
    }
}
