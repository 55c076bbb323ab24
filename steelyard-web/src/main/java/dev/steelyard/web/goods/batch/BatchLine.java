package dev.steelyard.web.goods.batch;

import dev.steelyard.web.base.page.Show;
import java.time.ZoneId;
import java.util.Locale;

/**
 * A batch as lists show it.
 *
 * @param state its name in styles
 * @param done “12 added, 340 changed, 3 removed”
 */
public record BatchLine(String page, String title, String at, String by, String state, String words, String done) {

    /** With moments in a time zone. */
    public static BatchLine of(Batch batch, ZoneId zone) {
        return new BatchLine(
                batch.page(),
                batch.title(),
                Show.moment(batch.madeAt(), zone),
                batch.madeBy(),
                batch.state().name().toLowerCase(Locale.ROOT),
                words(batch, zone),
                done(batch.totals()));
    }

    private static String words(Batch batch, ZoneId zone) {
        return switch (batch.state()) {
            case APPLIED -> "applied by " + batch.appliedBy()
                    + (batch.appliedAt() == null ? "" : ", " + Show.moment(batch.appliedAt(), zone));
            case UNDONE -> "undone by " + batch.undoneBy()
                    + (batch.undoneAt() == null ? "" : ", " + Show.moment(batch.undoneAt(), zone));
            default -> batch.state().words();
        };
    }

    static String done(Batch.Totals totals) {
        if (totals.all() == 0) {
            return "";
        }
        if (totals.writing() == 0 && totals.refused() == 0) {
            return "0 changes";
        }
        StringBuilder text = new StringBuilder();
        add(text, totals.added(), "added");
        add(text, totals.changed(), "changed");
        add(text, totals.removed(), "removed");
        add(text, totals.refused(), "refused");
        return text.toString();
    }

    private static void add(StringBuilder text, int count, String what) {
        if (count > 0) {
            text.append(text.isEmpty() ? "" : ", ")
                    .append(Show.whole(count))
                    .append(' ')
                    .append(what);
        }
    }
}
