package dev.steelyard.web.editing.rows;

import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Mend;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.editing.rows.PriceReader.Cell;
import org.jspecify.annotations.Nullable;

/**
 * A finding as shown, with its mend as one field to be set.
 *
 * @param field the id of the field it is about; none where it is about none on the page
 * @param mend what the mend says on it; none where there is no mend
 * @param value what the field becomes by it
 */
record FindingView(
        String code, boolean warns, String message, @Nullable String field, @Nullable String mend, String value) {

    static FindingView of(Finding finding, ReadPrices read, int decimals) {
        Cell cell = read.cell(finding.place());
        String field = cell == null ? null : RowFields.price(cell.row(), cell.groupId());
        String label = null;
        String value = "";
        if (field != null && finding.mend() instanceof Mend.SetPrice set) {
            value = Decimals.plain(set.price(), decimals);
            label = "Make it " + value + " from " + set.at().from().toPlainString();
        } else if (field != null && finding.mend() instanceof Mend.TakeOff off) {
            label = "Take “from " + off.at().from().toPlainString() + "” off";
        }
        return new FindingView(
                finding.code().title() + ".",
                finding.code().severity() == Finding.Severity.WARNS,
                finding.message(),
                field,
                label,
                value);
    }
}
