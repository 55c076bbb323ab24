package dev.steelyard.web.editing.page;

import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.Moments;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.SampleFigures;
import dev.steelyard.words.FirstLetter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A draft as its page's templates read it, field by field: what is typed at a place, and what is wrong there. What was
 * asked about is remembered, so that at the end of a step nothing wrong is left unsaid.
 */
public class DraftFields {

    private final DraftDocument document;
    private final List<FormatIssue> issues;
    private final String currency;
    private final Set<String> said = new LinkedHashSet<>();

    public DraftFields(DraftDocument document, List<FormatIssue> issues, String currency) {
        this.document = document;
        this.issues = issues;
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

    /** The address of a picture at a place; empty where none is, or one that is not the shop's own. */
    public String picture(String at) {
        String file = document.text(at);
        return Choice.Option.isPicture(file) ? file : "";
    }

    /** The unit that numbers were typed in before another one was picked; empty where nothing is open about it. */
    public String was(String unit) {
        return document.aside(unit, "unit").map(was -> was.asString("")).orElse("");
    }

    /** Whether something is on. */
    public boolean on(String at) {
        return document.at(at).asBoolean(false);
    }

    /** The same of something that is on unless it is said to be off. */
    public boolean onUnlessOff(String at) {
        return document.at(at).asBoolean(true);
    }

    /** Whether a figure was put in by Steelyard and nobody has touched it. */
    public boolean sample(String at) {
        return SampleFigures.is(document, at);
    }

    /** Whether a set of goods is everything: it says so, or names none. */
    public boolean everything(String covers) {
        return document.at(covers + "/everything").asBoolean(false)
                || Arrays.stream(GoodsRule.Attribute.values()).noneMatch(one -> has(covers + "/" + one.code()))
                        && !has(covers + "/rule");
    }

    public boolean has(String at) {
        return document.has(at);
    }

    /** The places of a list's items. */
    public List<String> items(String at) {
        return IntStream.range(0, document.at(at).size())
                .mapToObj(i -> at + "/" + i)
                .toList();
    }

    /** The step of a unit among those a measurement offers; empty where it has none of its own. */
    public String stepOf(String at, String unit) {
        for (JsonNode item : document.at(at)) {
            if (item.path("unit").asString("").equals(unit)) {
                return item.path("step").asString("");
            }
        }
        return "";
    }

    /** The texts of a list; of an offered unit with a step of its own, the unit. */
    public List<String> texts(String at) {
        List<String> texts = new ArrayList<>();
        JsonNode list = document.at(at);
        list.forEach(item -> texts.add((item.isObject() ? item.path("unit") : item).asString("")));
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
                .map(FirstLetter::large)
                .orElse("");
    }

    /** The values that can be meant by what is typed at a place; empty where it is clear, or nothing like a value. */
    public List<String> instead(String at) {
        return issues.stream()
                .filter(issue -> issue.at().equals(at))
                .flatMap(issue -> issue.instead().stream())
                .toList();
    }

    /** A moment as its field takes it; one with an offset is shown as it is written. */
    public String moment(String at) {
        String text = document.text(at);
        return text.isEmpty() || text.contains("T") ? text : text + "T00:00";
    }

    /** The last day at a place that keeps the day, or the moment, from which it no longer holds. */
    public String lastDay(String at) {
        String text = document.text(at);
        int time = text.indexOf('T');
        boolean midnight = text.endsWith("T00:00");
        return time < 0 || midnight
                ? DayText.lastDay(midnight ? text.substring(0, time) : text)
                : text.substring(0, time);
    }

    /** The time of day at which it ends on its last day; empty for the end of that day. */
    public String endTime(String at) {
        String text = document.text(at);
        int time = text.indexOf('T');
        return time < 0 || text.endsWith("T00:00") ? "" : text.substring(time + 1);
    }

    /** Whether a moment says its offset, which a field for local times does not take. */
    public boolean hasOffset(String at) {
        return Moments.hasOffset(document.text(at));
    }

    /** All that is wrong at a place, for formulas. */
    public List<FormatIssue> issues(String at) {
        said.add(at);
        return issues.stream().filter(issue -> issue.at().equals(at)).toList();
    }

    /** How many things are wrong on a step. */
    public long count(EditStep step) {
        return issues.stream().filter(issue -> step.has(issue.at())).count();
    }

    /** What is wrong on a step that no field has said. */
    public List<FormatIssue> unsaid(EditStep step) {
        return issues.stream()
                .filter(issue -> step.has(issue.at()) && !said.contains(issue.at()))
                .toList();
    }

    public String currency() {
        return currency;
    }
}
