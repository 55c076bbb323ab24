package dev.steelyard.web.editing.page;

import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.TypedFields;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * The form of a page as sent: fields of the draft, named as {@link TypedFields} says; {@code t.} fields of the trial; what
 * the page itself keeps ({@code g.} and {@code f:}); and a wish with its parameters.
 *
 * @param basedOn the version that the form was made from
 * @param step the code of the step that is shown
 * @param trial the fields of the trial, without their {@code t.}
 */
public record EditForm(long basedOn, String step, Map<String, String> trial, MultiValueMap<String, String> sent) {

    private static final String TRIAL = "t.";

    public static EditForm read(MultiValueMap<String, String> sent) {
        Map<String, String> trial = new LinkedHashMap<>();
        sent.forEach((name, values) -> {
            if (name.startsWith(TRIAL)) {
                trial.put(name.substring(TRIAL.length()), TypedFields.last(values));
            }
        });
        return new EditForm(Ids.read(value(sent, "basedOn")), value(sent, "step"), trial, sent);
    }

    /** A form as it is before anything is typed: no fields but the trial last typed. */
    static EditForm opened(long basedOn, String step, Map<String, String> trial) {
        return new EditForm(basedOn, step, trial, new LinkedMultiValueMap<>());
    }

    private static String value(MultiValueMap<String, String> sent, String name) {
        return TypedFields.last(sent.getOrDefault(name, List.of()));
    }

    /** The step and the trial alone: what was typed has been kept, or given up. */
    EditForm withoutFields() {
        MultiValueMap<String, String> rest = new LinkedMultiValueMap<>();
        sent.forEach((name, values) -> {
            if (name.startsWith("g.") || name.startsWith("f:") || name.equals("axisEnd")) {
                rest.put(name, values);
            }
        });
        return new EditForm(basedOn, step, trial, rest);
    }

    /** The same with another trial. */
    public EditForm trying(Map<String, String> other) {
        return new EditForm(basedOn, step, other, sent);
    }

    /** A parameter of the wish itself; empty where it is not there. */
    public String value(String name) {
        return value(sent, name);
    }

    /** A whole number among the parameters; -1 where it is none. */
    public int number(String name) {
        BigDecimal value = TypedNumbers.read(value(name)).value();
        return value == null ? -1 : value.intValue();
    }

    /** Where the beam's axis ends while a weight is held; none for where it fits. */
    public @Nullable Double axisEnd() {
        BigDecimal end = TypedNumbers.read(value("axisEnd")).value();
        return end == null || end.signum() <= 0 ? null : end.doubleValue();
    }

    /** What is typed, put into the draft that the form was made from. */
    public DraftDocument onto(DraftDocument base) {
        DraftDocument document = base.copy();
        TypedFields.putAll(document, sent);
        return document;
    }

    /** The places of conditions that are wanted as formulas, though they could be picked. */
    public Set<String> asFormulas() {
        Set<String> places = new HashSet<>();
        sent.forEach((name, values) -> {
            if (name.startsWith("f:/") && TypedFields.last(values).equals("on")) {
                places.add(name.substring(2));
            }
        });
        return places;
    }
}
