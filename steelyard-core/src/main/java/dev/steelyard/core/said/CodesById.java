package dev.steelyard.core.said;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The codes of all lists, by what is written for them. */
final class CodesById {

    static final Map<String, Code> BY_ID = Stream.<Code[]>of(
                    Refusal.values(), Told.values(), DealSays.values(), FindingSays.values())
            .flatMap(Arrays::stream)
            .collect(Collectors.toUnmodifiableMap(CodesById::written, code -> code));

    /** Put together once: messages are looked up by it. */
    static final Map<Code, String> IDS =
            BY_ID.entrySet().stream().collect(Collectors.toUnmodifiableMap(Map.Entry::getValue, Map.Entry::getKey));

    private CodesById() {}

    private static String written(Code code) {
        return code.list() + "." + code.text();
    }
}
