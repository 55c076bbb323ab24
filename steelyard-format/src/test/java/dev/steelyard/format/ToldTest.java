package dev.steelyard.format;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * What every worked example is told with: its codes and figures ({@code told/facts.txt}), and the same in words, as owners
 * and as shoppers of each language read it. The files are read for sense when they change; {@code -Dsteelyard.write}
 * writes them.
 */
class ToldTest {

    private static final Path FILES = Path.of("src", "test", "resources", "told");

    @Test
    void theFactsAreThoseOfTheFile() throws IOException {
        holds("facts", fact -> fact == null ? "" : fact.toString(), Part::toString);
    }

    @Test
    void theWordsAreThoseOfTheFiles() throws IOException {
        holds("owners", Words.owners()::say, Words.owners()::say);
        for (Language language : Language.values()) {
            Words words = Words.shoppers(language);
            holds("shoppers-" + language.code(), words::say, words::say);
        }
    }

    /** What is frozen in an order reads the same again. */
    @Test
    void everyFactIsReadAsItWasWritten() {
        List<Fact> facts = new ArrayList<>();
        all(
                fact -> {
                    if (fact != null) {
                        facts.add(fact);
                    }
                    return "";
                },
                part -> "");
        assertThat(facts).hasSizeGreaterThan(500);
        for (Fact fact : facts) {
            Fact again = FactReader.read(Json.read(Json.write(FactWriter.write(fact))));
            assertThat(again).hasToString(fact.toString());
            for (Language language : Language.values()) {
                assertThat(Words.shoppers(language).say(again))
                        .isEqualTo(Words.shoppers(language).say(fact));
            }
        }
    }

    private static void holds(String file, Function<@Nullable Fact, String> fact, Function<Part, String> part)
            throws IOException {
        String made = String.join("\n", all(fact, part)) + "\n";
        Path path = FILES.resolve(file + ".txt");
        if (System.getProperty("steelyard.write") != null) {
            Files.createDirectories(FILES);
            Files.writeString(path, made);
        }
        assertThat(made).as(file).isEqualTo(Files.readString(path));
    }

    private static List<String> all(Function<@Nullable Fact, String> fact, Function<Part, String> part) {
        List<String> told = new ArrayList<>();
        Stream.of("lines.json", "more-lines.json").flatMap(Examples::orders).forEach(example -> {
            told.add("# " + heading(example));
            line(Trials.price(example.document(), example.order(), Examples.ANY_DAY), fact, told);
        });
        Stream.of("baskets.json", "tax.json").flatMap(Examples::baskets).forEach(example -> {
            told.add("# " + example);
            basket(BasketTrials.price(example.document(), example.order(), Examples.ANY_DAY), fact, part, told);
        });
        return told;
    }

    /** Answers in the order of their names: maps have none that lasts. */
    private static String heading(Examples.Example example) {
        return example.document().id() + " " + example.order().line().quantity() + " "
                + new TreeMap<>(example.order().line().answers().byName()).values();
    }

    private static void line(LineResult result, Function<@Nullable Fact, String> fact, List<String> told) {
        if (result instanceof RefusedLine refused) {
            refused.faults().forEach(one -> told.add("refused " + one.place() + ": " + fact.apply(one.what())));
            return;
        }
        for (Step step : ((PricedLine) result).reckoning().steps()) {
            told.add(fact.apply(step.what()) + " | " + fact.apply(step.how()) + " | " + step.result());
        }
    }

    private static void basket(
            PricedBasket basket,
            Function<@Nullable Fact, String> fact,
            Function<Part, String> part,
            List<String> told) {
        basket.dealt().used().forEach(used -> told.add(used.deal().name() + " | " + part.apply(used.detail())));
        basket.dealt().unused().forEach(one -> told.add("not " + one.deal().name() + " | " + fact.apply(one.detail())));
        if (basket.fault() != null) {
            told.add("refused " + basket.fault().place() + ": "
                    + fact.apply(basket.fault().what()));
        }
    }
}
