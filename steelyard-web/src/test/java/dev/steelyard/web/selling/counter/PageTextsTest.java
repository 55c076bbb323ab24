package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every text that pages ask for is there, none is left over, and no page of the counter has a text of its own. */
class PageTextsTest {

    private static final Path MAIN = Path.of("src", "main");
    private static final Pattern KEY = Pattern.compile("[\"']([a-z]+(?:-[a-z]+)*(?:\\.[a-z]+(?:-[a-z]+)*)?)[\"']");

    private static final Set<Path> SHOPPERS =
            Set.of(MAIN.resolve("resources/templates/counter"), MAIN.resolve("resources/templates/checkout"));

    @Test
    void everyTextIsThereAndUsed() throws IOException {
        Set<String> keys = new TreeSet<>(texts().stringPropertyNames());
        Set<String> named = new TreeSet<>();
        Set<String> asked = new TreeSet<>();
        for (Path file : Stream.of("java", "resources/templates")
                .flatMap(folder -> files(MAIN.resolve(folder)).stream())
                .toList()) {
            String text = Files.readString(file);
            Matcher key = KEY.matcher(text);
            while (key.find()) {
                named.add(key.group(1));
            }
            Matcher call = Pattern.compile("words(?:\\(\\))?\\s*\\.text\\(\\s*[\"']([a-z.-]*[a-z])[\"']")
                    .matcher(text);
            while (call.find()) {
                asked.add(call.group(1));
            }
        }
        assertThat(keys).containsAll(asked);
        keys.removeAll(named);
        keys.removeAll(Set.of("percent")); // in the words themselves
        assertThat(keys).as("texts that nobody asks for").isEmpty();
    }

    /** A text in a template is a sample for whoever reads it alone: it is replaced, or it is no word. */
    @Test
    void noPageOfTheCounterHasATextOfItsOwn() throws IOException {
        Pattern bare = Pattern.compile("<(\\w+)((?:\"[^\"]*\"|[^>\"])*)>([^<]*\\p{L}{2}[^<]*)");
        TreeSet<String> found = new TreeSet<>();
        for (Path folder : SHOPPERS) {
            for (Path file : files(folder)) {
                if (file.endsWith("price-list.html")) {
                    continue; // the owner's
                }
                Matcher element = bare.matcher(Files.readString(file).replaceAll("(?s)<!--.*?-->", ""));
                while (element.find()) {
                    if (!element.group(2).contains("th:text=")
                            && !element.group(2).contains("th:replace=")) {
                        found.add(file.getFileName() + ": <" + element.group(1) + "> "
                                + element.group(3).strip());
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    private static Properties texts() throws IOException {
        Properties texts = new Properties();
        texts.load(new InputStreamReader(
                Objects.requireNonNull(
                        PageTextsTest.class.getResourceAsStream("/dev/steelyard/words/pages-en.properties")),
                StandardCharsets.UTF_8));
        return texts;
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile).toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
