package dev.steelyard.web.cards.page;

import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.kept.DraftDocument;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * The card as its page's templates read it, field by field: what is typed at a place, and what is wrong there. What was
 * asked about is remembered, so that at the end of a step nothing wrong is left unsaid.
 */
final class Fields {

    private final DraftDocument document;
    private final List<FormatIssue> issues;
    private final Map<String, Picks> typedPicks;
    private final Set<String> asFormulas;
    private final String currency;
    private final Set<String> said = new LinkedHashSet<>();

    Fields(
            DraftDocument document,
            List<FormatIssue> issues,
            Map<String, Picks> typedPicks,
            Set<String> asFormulas,
            String currency) {
        this.document = document;
        this.issues = issues;
        this.typedPicks = typedPicks;
        this.asFormulas = asFormulas;
        this.currency = currency;
    }

    /** What is typed at a place; empty where nothing is. */
    public String text(String at) {
        return document.text(at);
    }

    /** What is typed at a place, or else something. */
    public String text(String at, String otherwise) {
        String text = document.text(at);
        return text.isEmpty() ? otherwise : text;
    }

    /** Whether something is on. */
    public boolean on(String at) {
        return document.at(at).asBoolean(false);
    }

    /** The same of something that is on unless it is said to be off. */
    public boolean onUnlessOff(String at) {
        return document.at(at).asBoolean(true);
    }

    public boolean has(String at) {
        JsonNode node = document.at(at);
        return !node.isMissingNode() && !node.isNull();
    }

    /** The places of a list's items. */
    public List<String> items(String at) {
        return IntStream.range(0, document.at(at).size())
                .mapToObj(i -> at + "/" + i)
                .toList();
    }

    /** The texts of a list. */
    public List<String> texts(String at) {
        List<String> texts = new ArrayList<>();
        document.at(at).forEach(item -> texts.add(item.asString("")));
        return texts;
    }

    /** The first of some names that is at a place; none where none is. */
    public @Nullable String which(String at, List<String> names) {
        return names.stream().filter(name -> has(at + "/" + name)).findFirst().orElse(null);
    }

    /** What is wrong at a place, in words; empty where nothing is. */
    public String error(String at) {
        said.add(at);
        return issues.stream()
                .filter(issue -> issue.at().equals(at))
                .map(FormatIssue::message)
                .findFirst()
                .map(message -> Character.toUpperCase(message.charAt(0)) + message.substring(1))
                .orElse("");
    }

    /** All that is wrong at a place, for formulas. */
    public List<FormatIssue> issues(String at) {
        said.add(at);
        return issues.stream().filter(issue -> issue.at().equals(at)).toList();
    }

    /** How many things are wrong on a step. */
    public long count(Step step) {
        return issues.stream().filter(issue -> step.has(issue.at())).count();
    }

    /** What is wrong on a step that no field has said. */
    public List<FormatIssue> unsaid(Step step) {
        return issues.stream()
                .filter(issue -> step.has(issue.at()) && !said.contains(issue.at()))
                .toList();
    }

    /** The pickings of a condition; none where it says more than can be picked. */
    public @Nullable Picks picks(String at) {
        if (asFormulas.contains(at)) {
            return null;
        }
        Picks typed = typedPicks.get(at);
        return typed != null
                ? typed
                : text(at).isEmpty() ? null : Picks.of(text(at), currency).orElse(null);
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
        return Kinds.units(kind);
    }

    /** All units that measure the same as one; all there are where it is none. */
    public List<Unit> unitsLike(String code) {
        return Unit.of(code).map(unit -> Unit.measuring(unit.dimension())).orElse(List.of(Unit.values()));
    }

    /** What a unit is shown as. */
    public String symbol(String code) {
        return Unit.of(code).map(Unit::symbol).orElse(code);
    }

    public String currency() {
        return currency;
    }
}
