package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Mend;
import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.words.Words;
import java.util.List;

/** What is odd about a product's prices, each with its mend as a change of the draft. */
final class RowsFindings {

    private final Subject subject;

    RowsFindings(Subject subject) {
        this.subject = subject;
    }

    List<Finding> of(Item item) {
        return new PriceFindings(subject.shop().rules().roundingFor(item), subject.margins()).of(item, subject.today());
    }

    List<FindingLine> lines(Item item, RowsReading.Part part) {
        int decimals = subject.shop().rules().roundingFor(item).unitPriceDecimals();
        return of(item).stream().map(finding -> line(finding, part, decimals)).toList();
    }

    private static FindingLine line(Finding finding, RowsReading.Part part, int decimals) {
        String place = part.place(finding.place());
        String label = null;
        String kind = "";
        String value = "";
        String at = "";
        if (place != null && finding.mend() instanceof Mend.SetPrice set) {
            value = Decimals.plain(set.price(), decimals);
            label = "Make it " + value + " from " + set.at().from().toPlainString();
            kind = "put";
            at = place + "/value";
        } else if (place != null && finding.mend() instanceof Mend.TakeOff off) {
            label = "Take “from " + off.at().from().toPlainString() + "” off";
            kind = "remove";
            at = place;
        }
        return new FindingLine(
                Words.owners().title(finding.code()) + ".",
                Words.owners().sentence(finding.said()),
                finding.code().severity() == Finding.Severity.NOTE,
                finding.code().severity() == Finding.Severity.STOPS,
                "",
                label,
                at,
                kind,
                value);
    }
}
