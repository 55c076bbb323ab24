package dev.steelyard.web.shop.history;

import dev.steelyard.web.base.page.DayText;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Which changes are looked for.
 *
 * @param subject none for all
 * @param id of the card or product; none for all
 * @param by whoever made them; empty for anyone
 * @param words that stand in the name of what was changed, in why, or in the state after it; empty for any
 * @param from the beginning of the first day; none for all
 * @param until the end of the last day; none for all
 */
public record HistorySearch(
        @Nullable ChangeSubject subject,
        @Nullable Long id,
        String by,
        String words,
        @Nullable Instant from,
        @Nullable Instant until) {

    /** All changes of one thing. */
    public static HistorySearch of(@Nullable ChangeSubject subject, @Nullable Long id) {
        return new HistorySearch(subject, id, "", "", null, null);
    }

    /** With days as typed, the last one included; what is no day narrows nothing. */
    static HistorySearch read(
            @Nullable ChangeSubject subject,
            @Nullable Long id,
            String by,
            String words,
            String from,
            String until,
            ZoneId zone) {
        LocalDate first = DayText.read(from);
        LocalDate last = DayText.read(until);
        return new HistorySearch(
                subject,
                id,
                by,
                words.strip(),
                first == null ? null : first.atStartOfDay(zone).toInstant(),
                last == null ? null : last.plusDays(1).atStartOfDay(zone).toInstant());
    }

    /** What was typed and is no day, by field. */
    static Map<String, String> faults(String from, String until) {
        Map<String, String> faults = new LinkedHashMap<>();
        Map.of("from", from, "until", until).forEach((field, typed) -> {
            if (!typed.isBlank() && DayText.read(typed) == null) {
                faults.put(field, "“" + typed + "” is no day; write it like 2027-04-01");
            }
        });
        return faults;
    }
}
