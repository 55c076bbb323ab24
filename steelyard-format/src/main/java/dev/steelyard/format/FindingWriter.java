package dev.steelyard.format;

import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Finding.Found;
import dev.steelyard.core.finding.Mend;
import dev.steelyard.words.Words;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes findings; a mend is a JSON Patch (RFC 6902) of the card. */
public final class FindingWriter {

    private FindingWriter() {}

    /** @param words that say each in a sentence, beside its code and figures */
    public static ArrayNode write(List<Finding> findings, Words words) {
        ArrayNode array = Json.array();
        for (Finding finding : findings) {
            ObjectNode one = array.addObject()
                    .put("code", finding.code().text())
                    .put("severity", finding.code().severity().name().toLowerCase(Locale.ROOT))
                    .put("at", finding.at())
                    .put("message", words.sentence(finding.said()))
                    .put("found", finding.found() == Found.BY_ANALYSIS ? "analysis" : "search");
            one.set("says", FactWriter.write(finding.said()));
            if (finding.mend() != null) {
                mend(one.putArray("mend").addObject(), finding.mend());
            }
        }
        return array;
    }

    private static void mend(ObjectNode patch, Mend mend) {
        if (mend instanceof Mend.Remove remove) {
            patch.put("op", "remove").put("path", remove.at());
        } else if (mend instanceof Mend.Put put) {
            patch.put("op", "add")
                    .put("path", put.at())
                    .put("value", put.value().toPlainString());
        } else if (mend instanceof Mend.Switch turn) {
            patch.put("op", "add").put("path", turn.at()).put("value", turn.on());
        } else if (mend instanceof Mend.Write write) {
            patch.put("op", "add").put("path", write.at()).put("value", write.text());
        } else {
            throw new IllegalArgumentException("a mend of price rows is no change of a card: " + mend);
        }
    }
}
