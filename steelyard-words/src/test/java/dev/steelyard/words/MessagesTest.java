package dev.steelyard.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part.Type;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.said.Code;
import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every code has a message in every language, with the parts it has; none is left over. */
class MessagesTest {

    /** What is said by a word that is no code: kinds of measure, ways to pay. */
    private static final Set<String> WORDS = Set.of(
            "kind.length",
            "kind.area",
            "kind.volume",
            "kind.weight",
            "kind.plain",
            "payment.card",
            "payment.bank-transfer",
            "payment.invoice");

    @Test
    void ownersAreToldEverything() {
        Properties messages = Messages.read("en");
        Set<String> keys = new TreeSet<>(WORDS);
        Arrays.stream(Finding.Code.values()).forEach(code -> keys.add("title." + code.text()));
        codes().forEach(code -> keys.add(code.id()));
        assertThat(messages.stringPropertyNames()).containsExactlyInAnyOrderElementsOf(keys);
        codes().forEach(code -> assertThat(arguments(messages.getProperty(code.id())))
                .as(code.id())
                .containsAll(code.parts().stream()
                        .filter(part -> !justThere(code, part))
                        .toList())
                .isSubsetOf(allowed(code)));
    }

    /** Parts that only tell one case from another. */
    private static boolean justThere(Code code, String part) {
        return Set.of("lot", "column", "small", "last", "one").contains(part)
                && arguments(Messages.read("en").getProperty(code.id())).contains(Words.has(part));
    }

    @ParameterizedTest
    @ValueSource(strings = {"de", "fr", "nl"})
    void shoppersAreToldEveryRefusalStepAndDeal(String language) {
        Properties messages = Messages.read("shop-" + language);
        Set<String> keys = new TreeSet<>(WORDS);
        shown().forEach(code -> keys.add(code.id()));
        assertThat(messages.stringPropertyNames()).containsExactlyInAnyOrderElementsOf(keys);
        Properties english = Messages.read("en");
        english.putAll(Messages.read("shop-en"));
        shown().forEach(code -> assertThat(arguments(messages.getProperty(code.id())))
                .as(code.id())
                .isSubsetOf(allowed(code)));
        // what English shoppers are told, others are told too: the same figures, whatever the words
        shown().filter(code -> !List.of(Told.AS_CONDITION, DealSays.ONE_OF_A_SET, Refusal.NO_TAX_RATE)
                        .contains(code))
                .forEach(code -> assertThat(figures(messages.getProperty(code.id())))
                        .as(code.id())
                        .isEqualTo(figures(english.getProperty(code.id()))));
    }

    @Test
    void englishShoppersAreToldOfCodesThatThereAre() {
        Properties messages = Messages.read("shop-en");
        Set<String> keys = new HashSet<>();
        shown().forEach(code -> keys.add(code.id()));
        assertThat(keys).containsAll(messages.stringPropertyNames());
        shown().filter(code -> messages.containsKey(code.id()))
                .forEach(code -> assertThat(arguments(messages.getProperty(code.id())))
                        .as(code.id())
                        .isSubsetOf(allowed(code)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"de", "fr", "nl"})
    void pagesHaveTheSameTextsInEveryLanguage(String language) {
        Properties english = Messages.read("pages-en");
        Properties messages = Messages.read("pages-" + language);
        assertThat(messages.stringPropertyNames()).containsExactlyInAnyOrderElementsOf(english.stringPropertyNames());
        english.stringPropertyNames().forEach(key -> assertThat(figures(messages.getProperty(key)))
                .as(key)
                .isEqualTo(figures(english.getProperty(key))));
    }

    private static Stream<Code> codes() {
        return Stream.concat(shown(), Arrays.stream(FindingSays.values()));
    }

    private static Stream<Code> shown() {
        return Stream.<Code[]>of(Refusal.values(), Told.values(), DealSays.values())
                .flatMap(Arrays::stream);
    }

    private static Set<String> allowed(Code code) {
        Set<String> allowed = new HashSet<>(code.parts());
        code.parts().forEach(part -> allowed.add(Words.has(part)));
        return allowed;
    }

    private static Set<String> figures(String message) {
        Set<String> figures = new TreeSet<>(arguments(message));
        figures.removeIf(name -> name.matches("has[A-Z].*"));
        return figures;
    }

    /** The arguments that a message names. */
    static Set<String> arguments(String message) {
        MessagePattern pattern = new MessagePattern(message);
        List<String> names = new ArrayList<>();
        for (int i = 0; i < pattern.countParts(); i++) {
            if (pattern.getPartType(i) == Type.ARG_NAME) {
                names.add(pattern.getSubstring(pattern.getPart(i)));
            }
        }
        return Set.copyOf(names);
    }
}
