package dev.steelyard.web.editing.words;

import dev.steelyard.words.FirstLetter;
import dev.steelyard.words.Language;
import java.util.Map;

/** Places in a card in words: “/cases/0/piece/rate/price” is “Case 1, rate, price”. */
public final class PlaceWords {

    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("asks", "ask"),
            Map.entry("limits", "joint limit"),
            Map.entry("namedRates", "named rate"),
            Map.entry("shown", "shown figure"),
            Map.entry("cases", "case"),
            Map.entry("variants", "variant"),
            Map.entry("shelfPrice", "shelf price"),
            Map.entry("over", "counts over"),
            Map.entry("rows", "break"),
            Map.entry("ladder", "breaks"),
            Map.entry("options", "option"),
            Map.entry("wastePercent", "waste"),
            Map.entry("roundUpTo", "rounding step"),
            Map.entry("atLeast", "smallest billable"),
            Map.entry("setUp", "set-up charge"),
            Map.entry("minimum", "minimum charge"),
            Map.entry("soldFrom", "sold from"),
            Map.entry("upTo", "sold up to"),
            Map.entry("furtherPiece", "further piece"),
            Map.entry("noCliffs", "no cliffs"),
            Map.entry("reduceChoices", "breaks reduce choices"),
            Map.entry("min", "smallest"),
            Map.entry("max", "largest"),
            Map.entry("when", "condition"),
            Map.entry("shownWhen", "shown when"),
            Map.entry("shopPage", "shop page"),
            Map.entry("packs", "packs"),
            Map.entry("unitPriceDecimals", "unit price decimals"),
            Map.entry("atMost", "at most"),
            Map.entry("firstOrder", "first order"),
            Map.entry("signedIn", "signed in"),
            Map.entry("notGroups", "groups left out"),
            Map.entry("contains", "must contain"),
            Map.entry("combine", "with other deals"),
            Map.entry("alone", "groups that stand alone"),
            Map.entry("notAsked", "value when not asked"),
            Map.entry("fromDate", "from"),
            Map.entry("untilDate", "until"),
            Map.entry("codeList", "list of codes"),
            Map.entry("oneOf", "one of the set"),
            Map.entry("forEvery", "for every full threshold"),
            Map.entry("each", "counts"),
            Map.entry("same", "of the same"),
            Map.entry("reckoning", "how a price came about"),
            Map.entry("buy", "bought"),
            Map.entry("get", "given"));

    /** Places whose last word says something else elsewhere. */
    private static final Map<String, String> WHOLE = Map.of(
            "/quantity/atLeast", "Order quantity, at least",
            "/quantity/atMost", "Order quantity, at most",
            "/quantity/multipleOf", "Order quantity, multiples",
            "/quantity", "Order quantity");

    private PlaceWords() {}

    /** Texts by language stand under the codes of theirs. */
    private static String inLanguage(String step) {
        return Language.of(step).map(Language::title).orElse(step);
    }

    /** A list of breaks in words: “Breaks”, “Case 1, rate, breaks”, “Variant SHK-8, breaks”. */
    public static String ofBreaks(String at) {
        String above = at.replaceFirst("/rows$", "");
        return above.isEmpty()
                ? "Breaks"
                : above.endsWith("/breaks") || above.endsWith("ladder") ? of(above) : of(above) + ", breaks";
    }

    public static String of(String at) {
        if (WHOLE.containsKey(at)) {
            return WHOLE.get(at);
        }
        StringBuilder words = new StringBuilder();
        String above = "";
        for (String step : at.split("/")) {
            boolean sku = above.equals("variants");
            above = step;
            if (step.isEmpty() || step.equals("piece")) {
                continue;
            }
            if (sku) {
                words.append(' ').append(step.replace("~1", "/").replace("~0", "~"));
            } else if (step.matches("\\d+")) {
                words.append(' ').append(Integer.parseInt(step) + 1);
            } else {
                words.append(words.isEmpty() ? "" : ", ").append(WORDS.getOrDefault(step, inLanguage(step)));
            }
        }
        return words.isEmpty() ? "The card" : FirstLetter.large(words.toString());
    }
}
