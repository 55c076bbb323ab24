package dev.steelyard.web.editing.words;

import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Mend;
import dev.steelyard.core.number.Decimals;
import org.jspecify.annotations.Nullable;

/**
 * A finding as shown, with its mend as a change of the card.
 *
 * @param note whether it only notes something; else it warns, or stops
 * @param label what the mend says on it; none where there is no mend
 * @param at where the mend changes the card
 * @param kind how: put, remove, on, off
 */
public record FindingLine(
        String title,
        String message,
        boolean note,
        boolean stops,
        String place,
        @Nullable String label,
        String at,
        String kind,
        String value) {

    public static FindingLine of(Finding finding) {
        Mend mend = finding.mend();
        String label = null;
        String at = "";
        String kind = "";
        String value = "";
        if (mend instanceof Mend.Put put) {
            at = put.at();
            kind = "put";
            value = Decimals.plain(put.value(), 0);
            label = "Make it " + value;
        } else if (mend instanceof Mend.Remove remove) {
            at = remove.at();
            kind = "remove";
            label = "Take it off";
        } else if (mend instanceof Mend.Switch turn) {
            at = turn.at();
            kind = turn.on() ? "on" : "off";
            label = at.endsWith("noCliffs")
                    ? "Switch on “no cliffs”"
                    : "Switch “" + PlaceWords.of(at) + "” " + (turn.on() ? "on" : "off");
        } else if (mend instanceof Mend.Write write) {
            at = write.at();
            kind = "put";
            value = write.text();
            label = "Write “" + value + "”";
        }
        return new FindingLine(
                finding.code().title() + ".",
                finding.message(),
                finding.code().severity() == Finding.Severity.NOTE,
                finding.code().severity() == Finding.Severity.STOPS,
                finding.at().isEmpty() ? "" : PlaceWords.of(finding.at()),
                label,
                at,
                kind,
                value);
    }
}
