package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.web.selling.shown.TypedAnswers;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * What a shopper typed on a product page.
 *
 * @param sku of the product or variant picked
 * @param variants the variants picked for the pieces of a lot, by SKU; empty where one goes for all
 * @param sent whether anything was typed or sent yet: before that, an empty field is no mistake
 * @param waits the names of asks that nobody has come to yet, while one types: neither is an empty one of them
 */
record Typed(
        String sku, String quantity, TypedAnswers answers, List<String> variants, boolean sent, Set<String> waits) {

    /** More pieces than this of a lot share the last variant picked. */
    static final int MOST_PICKED = 12;

    private static final int LONGEST = 200;
    private static final int MOST_FIELDS = 100;
    private static final String VARIANT = "v.";
    private static final String SENT = "sent";
    private static final String WAITS = "waits";
    private static final int LONGEST_WAITS = 4_000;

    /** Reads the fields of the page's form. */
    static Typed read(String sku, MultiValueMap<String, String> form) {
        Map<String, String> fields = new LinkedHashMap<>();
        form.forEach((name, values) -> {
            boolean answer = name.startsWith(TypedAnswers.ANSWER) || name.startsWith(TypedAnswers.UNIT);
            if (answer && name.length() <= LONGEST && fields.size() < MOST_FIELDS) {
                fields.put(name, last(values));
            }
        });
        List<String> variants = new ArrayList<>();
        for (int piece = 1; piece <= MOST_PICKED && form.containsKey(VARIANT + piece); piece++) {
            variants.add(last(form.getOrDefault(VARIANT + piece, List.of())));
        }
        String quantity = form.containsKey("quantity") ? last(form.getOrDefault("quantity", List.of())) : "1";
        String picked = last(form.getOrDefault("pick", List.of()));
        // a quantity that was typed since the page was made counts over the lot picked on it
        boolean typed = !quantity.equals(last(form.getOrDefault("was", List.of(quantity))));
        return new Typed(
                variants.isEmpty() ? sku : variants.get(0),
                picked.isEmpty() || typed ? quantity : picked,
                new TypedAnswers(fields, last(form.getOrDefault("pack", List.of()))),
                List.copyOf(variants),
                form.containsKey(SENT),
                Set.of());
    }

    /** The same while one types. */
    static Typed typing(String sku, MultiValueMap<String, String> form) {
        Typed read = read(sku, form);
        String waits = Objects.requireNonNullElse(form.getFirst(WAITS), "");
        return new Typed(
                read.sku,
                read.quantity,
                read.answers,
                read.variants,
                read.sent,
                waits.length() > LONGEST_WAITS ? Set.of() : Set.copyOf(List.of(waits.split(" "))));
    }

    /** Whether it is too early to call an empty field a mistake. */
    boolean waits(String field) {
        return !sent || waits.contains(field);
    }

    private static String last(List<String> values) {
        String value = values.isEmpty() ? "" : Objects.requireNonNullElse(values.get(values.size() - 1), "");
        return value.length() <= LONGEST ? value : value.substring(0, LONGEST);
    }

    /** Before anything is typed, the fewest pieces that can be ordered. */
    Typed orAtLeast(OrderQuantity orders) {
        return sent || !quantity.equals("1") || orders.fits(1)
                ? this
                : new Typed(sku, "" + orders.smallest().orElse(1), answers, variants, false, Set.of());
    }

    /** The same for going back to the page, as its address has it. */
    MultiValueMap<String, String> form() {
        MultiValueMap<String, String> form = new LinkedMultiValueMap<>();
        form.add(SENT, "yes");
        form.add("quantity", quantity);
        answers.fields().forEach(form::add);
        if (!answers.pack().isEmpty()) {
            form.add("pack", answers.pack());
        }
        for (int i = 0; i < variants.size(); i++) {
            form.add(VARIANT + (i + 1), variants.get(i));
        }
        return form;
    }

    /** A variant for each of so many pieces: those picked, then the last of them again. */
    static List<String> forPieces(List<String> picked, int pieces) {
        return picked.isEmpty()
                ? List.of()
                : Stream.iterate(0, i -> i < Math.min(pieces, MOST_PICKED), i -> i + 1)
                        .map(i -> picked.get(Math.min(i, picked.size() - 1)))
                        .toList();
    }
}
