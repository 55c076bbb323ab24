package dev.steelyard.web.selling.shown;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Dealt;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.codes.CodeStanding;
import dev.steelyard.web.selling.shown.DealText.UsedLine;
import dev.steelyard.words.Words;
import org.jspecify.annotations.Nullable;

/** Codes that were typed, in words. */
public final class CodeWords {

    private CodeWords() {}

    /**
     * A code that was typed.
     *
     * @param counts whether its deal counts now
     * @param words what it gives, or why it does not
     */
    public record Code(String code, boolean counts, String words) {}

    /** @param code as it is compared */
    public static Code of(String code, CodeStanding standing, Dealt dealt, BookInForce book, Words words) {
        String spent = standing.spent().get(code);
        if (spent != null) {
            return new Code(code, false, words.text(spent));
        }
        String list = standing.lists().get(code);
        for (Dealt.Used used : dealt.used()) {
            if (isOf(used.deal().conditions(), code, list)) {
                UsedLine line = DealText.used(
                        used, used.saved().value(), true, book.shop().minorDigits(), words);
                return new Code(code, true, words.text("code.gives", "deal", line.words(), "money", line.saved()));
            }
        }
        return dealt.unused().stream()
                .filter(unused -> isOf(unused.deal().conditions(), code, list))
                .findFirst()
                .map(unused -> new Code(code, false, words.say(unused.detail())))
                .orElseGet(() -> new Code(code, false, words.text("code.gone")));
    }

    /** @param list of which the code is; none for a code of its own */
    private static boolean isOf(Conditions asked, String code, @Nullable String list) {
        return asked.code() != null && Conditions.normal(asked.code()).equals(code)
                || list != null && list.equals(asked.codeList());
    }
}
