package dev.steelyard.web.selling.orders;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which orders are looked for: all that fit everything that is given.
 *
 * @param text a part of a number, a customer's name or e-mail, or of a product's name or SKU; empty for any
 * @param group whose prices they had; empty for any
 * @param deal a part of the name of a deal that counted; empty for any
 * @param code that was given; empty for any
 * @param sold where, or how
 * @param from the first day; none for since ever
 * @param until the last day; none for until now
 */
public record OrderSearch(
        String text,
        String group,
        String deal,
        String code,
        Sold sold,
        @Nullable LocalDate from,
        @Nullable LocalDate until,
        Map<String, String> faults) {

    /** Where orders were sold. */
    public enum Sold {
        ANYWHERE("anywhere"),
        COUNTER("at the counter"),
        STORE("in your own store"),
        OTHERWISE("charged otherwise than reckoned");

        private final String words;

        Sold(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** As it is written in calls. */
        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Sold read(String typed, Map<String, String> faults) {
            Optional<Sold> sold = Arrays.stream(values())
                    .filter(one -> one.name().equalsIgnoreCase(typed))
                    .findFirst();
            if (sold.isEmpty() && !typed.isEmpty()) {
                faults.put("sold", "“" + shortened(typed) + "” is none of anywhere, counter, store and otherwise");
            }
            return sold.orElse(ANYWHERE);
        }
    }

    /** The word for orders at everyone's prices. */
    static final String EVERYONE = "Everyone";

    private static final int LONGEST = 100;

    /** Everything. */
    static final OrderSearch ALL = new OrderSearch("", "", "", "", Sold.ANYWHERE, null, null, Map.of());

    /** Reads what is typed; what cannot be read is a fault by its field and does not narrow the search. */
    public static OrderSearch read(Map<String, String> sent) {
        Map<String, String> faults = new LinkedHashMap<>();
        String typed = text("find", sent, faults);
        LocalDate first = day("from", sent.get("from"), faults);
        LocalDate last = day("until", sent.get("until"), faults);
        if (first != null && last != null && last.isBefore(first)) {
            faults.put("until", "The last day, " + last + ", is before the first, " + first);
            last = null;
        }
        return new OrderSearch(
                typed,
                sent.getOrDefault("group", "").strip(),
                text("deal", sent, faults),
                text("code", sent, faults),
                Sold.read(sent.getOrDefault("sold", "").strip(), faults),
                first,
                last,
                faults);
    }

    /** Whether anything is looked for. */
    boolean narrows() {
        return !equals(ALL);
    }

    private static String text(String field, Map<String, String> sent, Map<String, String> faults) {
        String typed = sent.getOrDefault(field, "").strip();
        if (typed.length() <= LONGEST) {
            return typed;
        }
        faults.put(field, "At most " + LONGEST + " characters; these are " + typed.length());
        return typed.substring(0, LONGEST);
    }

    private static @Nullable LocalDate day(String field, @Nullable String text, Map<String, String> faults) {
        String typed = Objects.requireNonNullElse(text, "").strip();
        if (typed.isEmpty()) {
            return null;
        }
        try {
            return LocalDate.parse(typed);
        } catch (DateTimeParseException noDay) {
            faults.put(field, "“" + shortened(typed) + "” is no day; write it like 2026-11-26");
            return null;
        }
    }

    private static String shortened(String typed) {
        return typed.length() <= LONGEST ? typed : typed.substring(0, LONGEST) + "…";
    }

    /** A text for a LIKE that finds it anywhere, with its own wild cards taken as they are. */
    static String like(String text) {
        return "%" + text.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
    }
}
