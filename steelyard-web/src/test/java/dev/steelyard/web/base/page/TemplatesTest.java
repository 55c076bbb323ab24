package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class TemplatesTest {

    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Pattern TAG = Pattern.compile("<[a-z:]+\\b(?:\"[^\"]*\"|[^\">])*>");

    private static Stream<String> tags(Path template) {
        try {
            return TAG.matcher(Files.readString(template)).results().map(MatchResult::group);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** What is inserted is worked out before a loop on the same tag begins, so it would know nothing of the loop's item. */
    @Test
    void noTagInsertsSomethingAndLoopsOverIt() throws IOException {
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            List<String> both = files.filter(file -> file.toString().endsWith(".html"))
                    .flatMap(TemplatesTest::tags)
                    .filter(tag ->
                            tag.contains("th:each=") && (tag.contains("th:insert=") || tag.contains("th:replace=")))
                    .toList();
            assertThat(both).isEmpty();
        }
    }
}
