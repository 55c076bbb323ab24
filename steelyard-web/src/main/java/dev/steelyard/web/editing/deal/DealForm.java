package dev.steelyard.web.editing.deal;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.TypedFields;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * The page's form as sent.
 *
 * @param basedOn the version that the form was made from
 * @param trial the fields of the trial, without their {@code t.}
 */
record DealForm(long basedOn, DealStep step, Map<String, String> trial, MultiValueMap<String, String> sent) {

    private static final String TRIAL = "t.";

    static DealForm read(MultiValueMap<String, String> sent) {
        Map<String, String> trial = new LinkedHashMap<>();
        sent.forEach((name, values) -> {
            if (name.startsWith(TRIAL)) {
                trial.put(name.substring(TRIAL.length()), last(values));
            }
        });
        String number = last(sent.getOrDefault("basedOn", List.of()));
        return new DealForm(
                number.matches("\\d{1,18}") ? Long.parseLong(number) : 0,
                DealStep.of(last(sent.getOrDefault("step", List.of()))),
                trial,
                sent);
    }

    private static String last(List<String> values) {
        return values.isEmpty() || values.get(values.size() - 1) == null ? "" : values.get(values.size() - 1);
    }

    /** A parameter of the wish itself. */
    String value(String name) {
        return last(sent.getOrDefault(name, List.of()));
    }

    /** The step and the trial alone: what was typed has been kept, or given up. */
    DealForm withoutFields() {
        return new DealForm(basedOn, step, trial, new LinkedMultiValueMap<>());
    }

    /** What is typed, put into the deal that the form was made from. */
    DraftDocument onto(DraftDocument base) {
        DraftDocument document = base.copy();
        sent.forEach((name, values) -> TypedFields.put(document, name, values));
        return document;
    }
}
