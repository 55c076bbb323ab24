package dev.steelyard.web.editing.words;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.words.Language;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * What shoppers read of a draft, in the languages that the shop has turned on: what is written, and what is missing.
 *
 * @param own the shop's own
 * @param languages beside it
 */
public record Translations(Language own, List<Language> languages, List<Text> texts) {

    /**
     * A text.
     *
     * @param at its place
     * @param what it is: “Ask 1, label”
     * @param own in the shop's own language
     * @param others in each of the languages, in their order; empty for what is missing
     */
    public record Text(String at, String what, String own, List<String> others) {}

    /**
     * Those of a card: labels, helps, own words, options, figures, words of breaks.
     *
     * @param all of the shop, its own first
     */
    public static Translations ofCard(DraftDocument card, List<Language> all) {
        List<Language> languages = all.subList(1, all.size());
        List<Text> texts = new ArrayList<>();
        for (int i = 0; i < card.at("/asks").size(); i++) {
            String ask = "/asks/" + i;
            String name = card.text(ask + "/measurement") + card.text(ask + "/choice");
            add(card, languages, ask + "/label", name, texts);
            for (String field : List.of("help", "tooSmall", "tooLarge")) {
                add(card, languages, ask + "/" + field, "", texts);
            }
            for (int j = 0; j < card.at(ask + "/options").size(); j++) {
                String option = ask + "/options/" + j;
                add(card, languages, option + "/label", card.text(option + "/name"), texts);
            }
        }
        each(card, "/limits", languages, List.of("say"), texts);
        each(card, "/shown", languages, List.of("label"), texts);
        List<String> ofBreaks = List.of("words/title", "words/before", "words/after", "words/mark");
        each(card, "/ladder/rows", languages, ofBreaks, texts);
        for (int i = 0; i < card.at("/cases").size(); i++) {
            each(card, "/cases/" + i + "/piece/rate/breaks/rows", languages, ofBreaks, texts);
        }
        return new Translations(all.get(0), languages, List.copyOf(texts));
    }

    /** That of a deal: its words, or else its name. */
    public static Translations ofDeal(DraftDocument deal, List<Language> all) {
        List<Language> languages = all.subList(1, all.size());
        List<Text> texts = new ArrayList<>();
        add(deal, languages, "/words", deal.name(), texts);
        return new Translations(all.get(0), languages, List.copyOf(texts));
    }

    private static void each(
            DraftDocument document, String list, List<Language> languages, List<String> fields, List<Text> to) {
        for (int i = 0; i < document.at(list).size(); i++) {
            for (String field : fields) {
                add(document, languages, list + "/" + i + "/" + field, "", to);
            }
        }
    }

    /** @param otherwise what is read where nothing is written */
    private static void add(
            DraftDocument document, List<Language> languages, String at, String otherwise, List<Text> to) {
        String own = document.text(at);
        JsonNode written = document.at(at);
        List<String> others = languages.stream()
                .map(language ->
                        written.isObject() ? written.path(language.code()).asString("") : "")
                .toList();
        if (!own.isEmpty() || !otherwise.isEmpty() || others.stream().anyMatch(one -> !one.isEmpty())) {
            to.add(new Text(at, PlaceWords.of(at), own.isEmpty() ? otherwise : own, others));
        }
    }

    /** The steps of an editor: without that for other languages where the shop has none. */
    public static <S> List<S> steps(S[] all, S ofLanguages, List<Language> languages) {
        return Arrays.stream(all)
                .filter(step -> languages.size() > 1 || step != ofLanguages)
                .toList();
    }

    /** How many texts are missing in all. */
    public long missing() {
        return texts.stream()
                .flatMap(text -> text.others().stream())
                .filter(String::isEmpty)
                .count();
    }

    /** “2 of 6 texts missing”. */
    public String summary() {
        long all = (long) texts.size() * languages.size();
        return missing() == 0 ? "all written" : missing() + " of " + all + " missing";
    }
}
