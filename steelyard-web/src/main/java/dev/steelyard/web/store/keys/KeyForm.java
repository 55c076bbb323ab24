package dev.steelyard.web.store.keys;

import java.net.URI;
import java.net.URISyntaxException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A key as typed on the page, with what is wrong with it by field.
 *
 * @param origins one a line
 * @param until a day, or empty
 */
record KeyForm(
        KeyKind kind,
        String name,
        Set<KeyRight> rights,
        String origins,
        String perSecond,
        String burst,
        String until,
        Map<String, String> faults) {

    private static final int LONGEST_NAME = 120;
    private static final int MOST_ORIGINS = 20;
    private static final int MOST_A_SECOND = 100_000;

    static KeyForm empty(KeyKind kind) {
        return new KeyForm(
                kind,
                "",
                EnumSet.of(KeyRight.PRICES),
                "",
                "" + KeyWish.USUAL_PER_SECOND,
                "" + KeyWish.USUAL_BURST,
                "",
                new LinkedHashMap<>());
    }

    static KeyForm of(StoreKey key) {
        return new KeyForm(
                key.kind(),
                key.name(),
                key.rights(),
                String.join("\n", key.origins()),
                "" + key.perSecond(),
                "" + key.burst(),
                key.until() == null ? "" : key.until().toString(),
                new LinkedHashMap<>());
    }

    static KeyForm typed(
            KeyKind kind,
            String name,
            Set<KeyRight> rights,
            String origins,
            String perSecond,
            String burst,
            String until) {
        return new KeyForm(
                kind,
                name.strip(),
                rights,
                origins,
                perSecond.strip(),
                burst.strip(),
                until.strip(),
                new LinkedHashMap<>());
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    /** What is wished; none, with faults, where something is wrong. */
    @Nullable
    KeyWish wish(LocalDate today) {
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            faults.put("name", "A name has 1 to " + LONGEST_NAME + " characters, not " + name.length());
        }
        if (kind == KeyKind.SERVER && rights.isEmpty()) {
            faults.put("rights", "A server key may do at least one of these");
        }
        List<String> from = kind == KeyKind.PAGE ? readOrigins() : List.of();
        int each = number("perSecond", perSecond);
        int most = number("burst", burst);
        LocalDate last = day(today);
        return faults.isEmpty()
                ? new KeyWish(name, kind == KeyKind.PAGE ? EnumSet.of(KeyRight.PRICES) : rights, from, each, most, last)
                : null;
    }

    private List<String> readOrigins() {
        List<String> lines = Arrays.stream(origins.split("[\\s,]+"))
                .filter(line -> !line.isEmpty())
                .distinct()
                .toList();
        if (lines.isEmpty()) {
            faults.put("origins", "Say on which pages the key is good, such as https://shop.example");
        } else if (lines.size() > MOST_ORIGINS) {
            faults.put("origins", "At most " + MOST_ORIGINS + " addresses; these are " + lines.size());
        }
        return lines.stream().map(this::origin).toList();
    }

    /** As browsers write it (RFC 6454): scheme, host and a port that is not the usual one; a path is left out. */
    private String origin(String typed) {
        try {
            URI uri = new URI(typed);
            String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
            String host = uri.getHost() == null ? "" : uri.getHost().toLowerCase(Locale.ROOT);
            boolean here = host.equals("localhost") || host.equals("127.0.0.1") || host.equals("[::1]");
            if (host.isEmpty() || !(scheme.equals("https") || scheme.equals("http") && here)) {
                faults.putIfAbsent(
                        "origins",
                        "“" + typed
                                + "” is no address of pages: write it like https://shop.example; http:// is taken for"
                                + " this machine only");
                return typed;
            }
            boolean usual = uri.getPort() == -1 || uri.getPort() == (scheme.equals("https") ? 443 : 80);
            return scheme + "://" + host + (usual ? "" : ":" + uri.getPort());
        } catch (URISyntaxException unreadable) {
            faults.putIfAbsent(
                    "origins", "“" + typed + "” cannot be read as an address: write it like https://shop.example");
            return typed;
        }
    }

    private int number(String field, String typed) {
        if (typed.matches("\\d{1,6}")) {
            int value = Integer.parseInt(typed);
            if (value >= 1 && value <= MOST_A_SECOND) {
                return value;
            }
        }
        faults.put(field, "A whole number from 1 to " + MOST_A_SECOND + ", not “" + typed + "”");
        return 1;
    }

    private @Nullable LocalDate day(LocalDate today) {
        if (until.isEmpty()) {
            return null;
        }
        try {
            LocalDate last = LocalDate.parse(until);
            if (last.isBefore(today)) {
                faults.put("until", until + " is over; leave it empty for a key without an end");
            }
            return last;
        } catch (DateTimeException noDay) {
            faults.put("until", "“" + until + "” is no day; write it like 2027-03-31, or leave it empty");
            return null;
        }
    }
}
