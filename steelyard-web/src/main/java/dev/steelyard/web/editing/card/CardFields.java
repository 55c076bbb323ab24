package dev.steelyard.web.editing.card;

import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.DraftFields;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The card as its page's templates read it, field by field: what is typed at a place, and what is wrong there. What was
 * asked about is remembered, so that at the end of a step nothing wrong is left unsaid.
 */
final class CardFields extends DraftFields {

    private final Map<String, Picks> typedPicks;
    private final Set<String> asFormulas;

    CardFields(
            DraftDocument document,
            List<FormatIssue> issues,
            Map<String, Picks> typedPicks,
            Set<String> asFormulas,
            String currency) {
        super(document, issues, currency);
        this.typedPicks = typedPicks;
        this.asFormulas = asFormulas;
    }

    /** The pickings of a condition; none where it says more than can be picked. */
    public @Nullable Picks picks(String at) {
        if (asFormulas.contains(at)) {
            return null;
        }
        Picks typed = typedPicks.get(at);
        return typed != null
                ? typed
                : text(at).isEmpty() ? null : Picks.of(text(at), currency()).orElse(null);
    }

    /** Whether a condition is wanted as a formula. */
    public boolean asFormula(String at) {
        return asFormulas.contains(at);
    }

    /** The names of what is asked, in order. */
    public List<String> names() {
        return items("/asks").stream().map(this::name).toList();
    }

    /** The names of the measurements. */
    public List<String> measurements() {
        return items("/asks").stream()
                .filter(at -> has(at + "/measurement"))
                .map(this::name)
                .toList();
    }

    private String name(String at) {
        return text(at + "/measurement", text(at + "/choice"));
    }

    /** The place of an ask of a name; none where nothing is asked by it. */
    public @Nullable String ask(String name) {
        return items("/asks").stream()
                .filter(at -> name(at).equals(name))
                .findFirst()
                .orElse(null);
    }

    /** Whether a name is a choice's. */
    public boolean isChoice(String name) {
        String at = ask(name);
        return at != null && has(at + "/choice");
    }

    /** The names of a choice's options. */
    public List<String> options(String name) {
        String at = ask(name);
        return at == null
                ? List.of()
                : items(at + "/options").stream()
                        .map(option -> text(option + "/name"))
                        .toList();
    }

    /** The unit a measurement is typed in; empty where there is none of the name. */
    public String unit(String name) {
        String at = ask(name);
        return at == null ? "" : text(at + "/unit");
    }

    /** All units of a kind. */
    public List<Unit> unitsOf(String kind) {
        return MeasureKinds.units(kind);
    }

    /** All units that measure the same as one; all there are where it is none. */
    public List<Unit> unitsLike(String code) {
        return Unit.of(code).map(unit -> Unit.measuring(unit.dimension())).orElse(List.of(Unit.values()));
    }

    /** What a unit is shown as. */
    public String symbol(String code) {
        return Unit.of(code).map(Unit::symbol).orElse(code);
    }
}
