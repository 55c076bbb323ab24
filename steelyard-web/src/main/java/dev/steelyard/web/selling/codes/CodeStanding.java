package dev.steelyard.web.selling.codes;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which of some codes still count.
 *
 * @param lists by the code that counts the list it is of
 * @param spent by the code that does not, the key of the text that says why
 */
public record CodeStanding(Map<String, String> lists, Map<String, String> spent) {

    public static final CodeStanding NONE = new CodeStanding(Map.of(), Map.of());

    public CodeStanding {
        lists = Map.copyOf(lists);
        spent = Map.copyOf(spent);
    }

    /** The lists one of whose codes counts. */
    public Set<String> counting() {
        return lists.values().stream().collect(Collectors.toSet());
    }
}
