package dev.steelyard.web.editing.page;

import java.util.Arrays;
import java.util.List;

/** A step of a page: some of what is edited, on one screen. */
public interface EditStep {

    /** The word in addresses. */
    String code();

    String title();

    /** The file of the kind's templates that shows it. */
    default String template() {
        return code();
    }

    /** Whether a place is edited on this step. */
    boolean has(String at);

    /** Whether a place is one of some parts, or in one of them. */
    static boolean in(List<String> parts, String at) {
        return parts.stream().anyMatch(part -> at.equals(part) || at.startsWith(part + "/"));
    }

    /** The step of a code; the first where there is none. */
    static <S extends EditStep> S of(S[] steps, String code) {
        return Arrays.stream(steps)
                .filter(step -> step.code().equals(code))
                .findFirst()
                .orElse(steps[0]);
    }
}
