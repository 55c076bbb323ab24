package dev.steelyard.web.editing.words;

import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Mend;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.SampleFigures;
import dev.steelyard.words.Words;
import java.util.List;
import java.util.stream.Collectors;
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

    private static final int FEW = 3;

    /** What is said of figures that Steelyard put in and nobody has touched; none where there are none. */
    public static List<FindingLine> samples(DraftDocument document) {
        String words = sampleWords(document);
        return words.isEmpty()
                ? List.of()
                : List.of(new FindingLine(
                        Words.owners().title(Finding.Code.SAMPLE) + ".",
                        words,
                        false,
                        true,
                        "",
                        "They are meant so",
                        "",
                        "meant",
                        ""));
    }

    /** “10.00 (Break 1, value) and 2 more were put in as samples, and nobody has touched them”; empty where there are none. */
    public static String sampleWords(DraftDocument document) {
        List<String> places = SampleFigures.untouched(document);
        if (places.isEmpty()) {
            return "";
        }
        String first = places.stream()
                .limit(FEW)
                .map(place -> document.text(place) + " (" + PlaceWords.of(place) + ")")
                .collect(Collectors.joining(", "));
        int more = places.size() - FEW;
        return first
                + (more > 0 ? " and " + more + " more" : "")
                + (places.size() == 1
                        ? " was put in by Steelyard as a sample, and nobody has touched it"
                        : " were put in by Steelyard as samples, and nobody has touched them");
    }

    /** A finding in words: “Cliff: 9 pieces cost 72.00, but 10 cost 70.00”. */
    public static String words(Finding finding) {
        return Words.owners().title(finding.code()) + ": " + Words.owners().sentence(finding.said());
    }

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
                Words.owners().title(finding.code()) + ".",
                Words.owners().sentence(finding.said()),
                finding.code().severity() == Finding.Severity.NOTE,
                finding.code().severity() == Finding.Severity.STOPS,
                finding.at().isEmpty() ? "" : PlaceWords.of(finding.at()),
                label,
                at,
                kind,
                value);
    }
}
