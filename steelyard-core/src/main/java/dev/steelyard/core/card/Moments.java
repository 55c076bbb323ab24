package dev.steelyard.core.card;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.zone.ZoneOffsetTransition;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Local times of a zone as moments. Where clocks are put forward some do not exist, where they are put back some come
 * twice: such a one is refused with those that can be meant, never guessed.
 */
public final class Moments {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private static final Pattern OFFSET = Pattern.compile(".*T.*(Z|[+-]\\d\\d:\\d\\d)");

    private Moments() {}

    /**
     * What came of reading: exactly one of moment and fault is there.
     *
     * @param instead what can be meant, the earlier first, as RFC 3339 texts; with their offset where only that tells
     */
    public record Reading(@Nullable ZonedDateTime moment, @Nullable String fault, List<String> instead) {}

    /** Whether a text is a moment with its offset, which alone tells it. */
    public static boolean hasOffset(String text) {
        return OFFSET.matcher(text).matches();
    }

    /**
     * Reads a day with a time, with an offset or in a zone.
     *
     * @throws java.time.DateTimeException where it is none
     */
    public static Reading read(String text, ZoneId zone) {
        return hasOffset(text)
                ? new Reading(OffsetDateTime.parse(text).atZoneSameInstant(zone), null, List.of())
                : of(LocalDateTime.parse(text), zone);
    }

    /** Reads a local time of a zone. */
    public static Reading of(LocalDateTime local, ZoneId zone) {
        List<ZoneOffset> offsets = zone.getRules().getValidOffsets(local);
        if (offsets.size() == 1) {
            return new Reading(local.atZone(zone), null, List.of());
        }
        if (offsets.isEmpty()) {
            ZoneOffsetTransition gap = zone.getRules().getTransition(local);
            List<String> instead = List.of(
                    gap.getDateTimeBefore().minusMinutes(1).toString(),
                    gap.getDateTimeAfter().toString());
            return new Reading(
                    null,
                    local.format(TIME) + " does not exist on " + local.toLocalDate()
                            + ": clocks are put forward; write " + String.join(" or ", instead),
                    instead);
        }
        List<String> instead = offsets.stream()
                .map(offset -> local.atOffset(offset).toString())
                .toList();
        return new Reading(
                null,
                local.format(TIME) + " comes twice on " + local.toLocalDate() + ": clocks are put back; write "
                        + instead.get(0) + " for the first or " + instead.get(1) + " for the second",
                instead);
    }

    /** As it is written: without its offset wherever only one moment can be meant. */
    public static String written(ZonedDateTime moment) {
        LocalDateTime local = moment.toLocalDateTime();
        return moment.getZone().getRules().getValidOffsets(local).size() == 1
                ? local.toString()
                : local.atOffset(moment.getOffset()).toString();
    }
}
