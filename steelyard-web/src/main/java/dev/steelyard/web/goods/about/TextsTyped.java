package dev.steelyard.web.goods.about;

import dev.steelyard.words.Language;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Texts in other languages as they stand once what was changed in a form is written, and nothing else: two people who write
 * different texts both do.
 *
 * @param after by field and language; without empty ones
 * @param faults by field; where somebody else wrote the same text meanwhile, what they wrote
 */
record TextsTyped(Map<String, String> after, Map<String, String> faults) {

    private static final int LONGEST_DESCRIPTION = 2000;

    /**
     * What is typed over what is kept.
     *
     * @param before what is kept, by field and language
     * @param typed likewise
     * @param seen what stood there when the form was made
     */
    static TextsTyped over(
            List<GoodsInLanguages.Text> texts,
            List<Language> languages,
            Map<String, String> before,
            Map<String, String> typed,
            Map<String, String> seen) {
        Map<String, String> after = new TreeMap<>(before);
        Map<String, String> faults = new LinkedHashMap<>();
        for (GoodsInLanguages.Text text : texts) {
            for (Language language : languages) {
                String field = text.field() + "." + language.code();
                String now = before.getOrDefault(field, "");
                String wish = typed.getOrDefault(field, now).strip();
                String was = seen.getOrDefault(field, now);
                int most = field.startsWith("description") ? LONGEST_DESCRIPTION : text.longest();
                if (wish.length() > most) {
                    faults.put(field, "At most " + most + " characters; these are " + wish.length());
                } else if (!wish.equals(was) && !now.equals(was) && !now.equals(wish)) {
                    faults.put(field, "Somebody else has written “" + now + "” here meanwhile");
                } else if (!wish.equals(was)) {
                    after.put(field, wish);
                }
            }
        }
        after.values().removeIf(String::isEmpty);
        return new TextsTyped(after, faults);
    }
}
