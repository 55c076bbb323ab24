package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.Moments;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is typed for putting a version live, read.
 *
 * @param form as typed, with what is wrong by its fields
 * @param starts when it begins; none for now, or where that is wrong
 * @param ends when what is live now counts again; none for never by itself, or where that is wrong
 */
public record LiveForms(LivePage.Form form, @Nullable Instant starts, @Nullable Instant ends) {

    private static final int LONGEST_WHY = 500;

    /**
     * Reads what is typed.
     *
     * @param when “now” or “later”
     * @param at the day and time for later
     * @param until the day and time at which what is live now counts again; empty for never
     * @param needsWhy whether a word why must be given
     * @param now the moment it is
     */
    public static LiveForms read(
            String when, String at, String until, String why, boolean needsWhy, Instant now, ZoneId zone) {
        boolean later = when.equals("later");
        Moments.Reading reading = later ? moment(at, zone) : null;
        ZonedDateTime typed = reading == null ? null : reading.moment();
        Instant starts = typed == null ? null : typed.toInstant();
        String whenFault = "";
        if (reading != null && reading.fault() != null) {
            whenFault = reading.fault();
        } else if (later && starts == null) {
            whenFault = at.isBlank() ? "Pick the day and time it begins" : "“" + at + "” is no day and time";
        } else if (starts != null && !starts.isAfter(now)) {
            whenFault = at.replace('T', ' ') + " is in the past; pick a time after now, or “now”";
        }
        Moments.Reading end = until.isBlank() ? null : moment(until, zone);
        Instant ends = end == null || end.moment() == null ? null : end.moment().toInstant();
        String endFault = "";
        if (end != null && end.fault() != null) {
            endFault = end.fault();
        } else if (!until.isBlank() && ends == null) {
            endFault = "“" + until + "” is no day and time";
        } else if (ends != null && !ends.isAfter(starts == null ? now : starts)) {
            endFault = until.replace('T', ' ') + " is not after it begins";
        }
        String reason = why.strip();
        String whyFault = needsWhy && reason.isEmpty()
                ? "Check weights differ. Say why it goes live all the same; it is kept with it"
                : reason.length() > LONGEST_WHY
                        ? "At most " + LONGEST_WHY + " characters; these are " + reason.length()
                        : "";
        List<String> instead = reading == null ? List.of() : reading.instead();
        return new LiveForms(
                new LivePage.Form(later ? "later" : "now", at, until, why, whenFault, endFault, whyFault, instead),
                starts,
                ends);
    }

    private static Moments.@Nullable Reading moment(String text, ZoneId zone) {
        try {
            return Moments.read(text, zone);
        } catch (DateTimeParseException noMoment) {
            return null;
        }
    }

    /** Whether nothing typed is wrong. */
    public boolean sound() {
        return form.whenFault().isEmpty()
                && form.untilFault().isEmpty()
                && form.whyFault().isEmpty();
    }

    /** What the page says once something is done; none for nothing. */
    public static @Nullable String done(@Nullable String what) {
        return switch (what == null ? "" : what) {
            case "live" -> "Live. Shoppers see it now.";
            case "planned" -> "Planned. It begins by itself.";
            case "paused" -> "Paused. Shoppers do not see it.";
            case "resumed" -> "Resumed. Shoppers see it again.";
            case "withdrawn" -> "Taken back. It will not begin.";
            case "same" -> "It is so already; nothing was changed.";
            case "asked" -> "Asked for. It stands under Today until somebody puts it live.";
            default -> null;
        };
    }
}
