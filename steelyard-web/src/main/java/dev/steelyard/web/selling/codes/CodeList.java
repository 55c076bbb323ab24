package dev.steelyard.web.selling.codes;

import org.jspecify.annotations.Nullable;

/**
 * A list of codes.
 *
 * @param usesEach how often each counts in all; none for as often as wanted
 * @param onceEach whether each counts once for each customer, told by their e-mail
 * @param codes how many there are
 * @param uses how often they were used in all
 */
record CodeList(
        long id,
        String name,
        @Nullable Integer usesEach,
        boolean onceEach,
        int codes,
        int uses,
        String madeAt,
        String madeBy) {

    /** “each once”, “each 5 times, once for each customer”. */
    public String words() {
        String each = usesEach == null
                ? "each as often as wanted"
                : usesEach == 1 ? "each once" : "each " + usesEach + " times in all";
        return each + (onceEach ? ", once for each customer" : "");
    }
}
