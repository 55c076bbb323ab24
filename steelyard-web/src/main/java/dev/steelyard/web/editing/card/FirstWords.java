package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.TextsByLanguage;
import dev.steelyard.words.FirstLetter;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;

/** What shoppers read of a part that Steelyard begins, in the language that the card is written in. */
record FirstWords(Words words) {

    static FirstWords in(Language language) {
        return new FirstWords(Words.shoppers(language));
    }

    /** In the language of a draft. */
    static FirstWords of(DraftDocument draft) {
        return in(Language.of(TextsByLanguage.language(draft)).orElse(Language.ENGLISH));
    }

    /** The label of a measurement or choice, by the name it has in formulas. */
    String label(String name) {
        return switch (name) {
            case "length" -> words.text("new.length");
            case "width" -> words.text("new.width");
            case "height" -> words.text("new.height");
            case "area" -> words.text("new.area");
            case "volume" -> words.text("new.volume");
            case "weight" -> words.text("new.weight");
            case "count" -> words.text("new.count");
            case "number" -> words.text("new.number");
            case "choice" -> words.text("new.choice");
            case "extra" -> words.text("new.extra");
            default -> FirstLetter.large(name);
        };
    }

    /** The option without a charge. */
    String plain(boolean tick) {
        return words.text(tick ? "new.without" : "new.plain");
    }

    /** The option with one. */
    String charged(boolean tick) {
        return words.text(tick ? "new.with" : "new.fine");
    }
}
