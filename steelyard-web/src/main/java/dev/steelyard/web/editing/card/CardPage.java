package dev.steelyard.web.editing.card;

import dev.steelyard.core.formula.function.FormulaFunction;
import dev.steelyard.core.formula.function.Functions;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.base.picture.CurvePicture;
import dev.steelyard.web.base.picture.PieceDrawing;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.CardTrialView;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.Translations;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the page of a card shows beside its frame.
 *
 * @param table the ladder’s breaks; none where it has none
 * @param rateTables the breaks of each case’s rate, by its place
 * @param beam none where none can be drawn
 * @param curve the price over a measurement; none where none can be drawn
 * @param drawing the piece to scale; none where nothing is to be drawn
 * @param covered what the card covers
 * @param vocabulary what goods and customers are told apart by: by the word in files, each value with its name
 * @param overlaps where live cards cover the same, a sentence each
 * @param shop the shop page in small
 * @param packMargins of the goods that are tried
 */
record CardPage(
        CardFields fields,
        CardTrialView trial,
        List<FindingLine> findings,
        @Nullable LadderTable table,
        Map<String, LadderTable> rateTables,
        @Nullable Beam beam,
        @Nullable CurvePicture curve,
        @Nullable PieceDrawing drawing,
        CoveredGoods covered,
        Map<String, Map<String, String>> vocabulary,
        List<String> overlaps,
        List<String> groups,
        List<Weights.View> weights,
        Generator generator,
        @Nullable ShopPreview shop,
        Values values,
        PackMargins packMargins,
        List<Picture> pictures,
        Translations texts) {

    /** A picture that a choice’s option may have. */
    record Picture(String file, String name) {}

    /** What a formula comes to in the trial. */
    interface Values {
        @Nullable
        String of(String formula);
    }

    /** The margin of so much of the goods that are tried, in the unit that their cost is of. */
    interface PackMargins {
        @Nullable
        BigDecimal of(BigDecimal price, BigDecimal amount);
    }

    /** “31.2 %” of a pack's price without tax; empty where a number cannot be read, or the cost is not known. */
    public String packMargin(PackView pack) {
        BigDecimal price =
                DecimalText.read(fields.text(pack.place() + "/price")).value();
        BigDecimal amount =
                DecimalText.read(fields.text(pack.place() + "/amount")).value();
        BigDecimal margin = price == null || amount == null ? null : packMargins.of(price, amount);
        return margin == null ? "" : margin.toPlainString() + " %";
    }

    /** A formula’s field. */
    public FormulaView formula(String at) {
        String text = fields.text(at);
        return FormulaView.of(at, fields, text.isEmpty() ? null : values.of(text));
    }

    /** A grid as a coloured table. */
    public GridView grid(String at) {
        return GridView.of(at, fields, trial.text());
    }

    /** The packs with what each saves. */
    public List<PackView> packs(String at) {
        return PackView.of(at, fields);
    }

    /** The functions of the formula language. */
    public List<FormulaFunction> functions() {
        return Functions.all();
    }

    /** The sizes of steps a number may be shown in. */
    public MeasureKinds[] kinds() {
        return MeasureKinds.values();
    }
}
