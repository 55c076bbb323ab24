package dev.steelyard.format;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakWords;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/** Reads ladders and their rows. */
final class LadderReader {

    private LadderReader() {}

    static Ladder read(Obj in) {
        Ladder ladder = new Ladder(
                in.word("counts", FormatWords.COUNTS, Ladder.Counts.PIECES),
                in.word("over", FormatWords.OVER, Over.LINE),
                in.word("mode", FormatWords.MODES, null),
                in.word("value", FormatWords.VALUES, null),
                in.optionalUnit("unit"),
                rows(in, "rows"),
                in.optionalDecimal("soldFrom"),
                in.optionalDecimal("upTo"),
                in.optionalDecimal("furtherPiece"),
                in.flag("noCliffs", false),
                in.flag("reduceChoices", false),
                in.textSet("alone"));
        in.done();
        return ladder;
    }

    static List<Break> rows(Obj in, String field) {
        return in.objects(field, LadderReader::row);
    }

    private static Break row(Obj in) {
        BigDecimal from = in.decimal("from");
        BigDecimal value = in.decimal("value");
        if (value.signum() < 0) {
            in.fault("value", "a break's value is 0 or more, not " + value.toPlainString());
            value = BigDecimal.ZERO;
        }
        String group = in.optionalText("group");
        LocalDate since = in.parsed("fromDate", TimeText.DAY);
        LocalDate until = in.parsed("untilDate", TimeText.DAY);
        if (since != null && until != null && !since.isBefore(until)) {
            in.fault("untilDate", "“untilDate” (" + until + ") must be after “fromDate” (" + since + ")");
            until = null;
        }
        Obj words = in.optionalObject("words");
        in.done();
        return new Break(
                from,
                value,
                group,
                new Validity(since, until),
                words == null ? BreakWords.NONE : ShopPageReader.words(words));
    }
}
