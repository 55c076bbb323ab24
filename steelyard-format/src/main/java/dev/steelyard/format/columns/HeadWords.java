package dev.steelyard.format.columns;

import dev.steelyard.core.sheet.SheetColumn;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What heads of files from elsewhere probably mean, by words of several languages that ship as a file. */
final class HeadWords {

    private static final Map<String, Set<String>> WORDS = words();

    private HeadWords() {}

    private static Map<String, Set<String>> words() {
        Properties file = new Properties();
        try (InputStream in = Objects.requireNonNull(HeadWords.class.getResourceAsStream("head-words.properties"))) {
            file.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException torn) {
            throw new UncheckedIOException(torn);
        }
        Map<String, Set<String>> words = new HashMap<>();
        file.stringPropertyNames()
                .forEach(name -> words.put(
                        name,
                        Arrays.stream(file.getProperty(name).split(","))
                                .map(SheetColumn::words)
                                .collect(Collectors.toSet())));
        return words;
    }

    /** The columns that there are words for, by name. */
    static Set<String> columns() {
        return WORDS.keySet();
    }

    /** The column of some that a head probably means; none where that is not told. */
    static @Nullable SheetColumn of(String head, SheetColumn[] columns) {
        String words = SheetColumn.words(head.replaceAll("\\(.*?\\)|\\[.*?]", ""));
        if (words.isEmpty()) {
            return null;
        }
        for (SheetColumn column : columns) {
            if (WORDS.getOrDefault(column.name(), Set.of()).contains(words)) {
                return column;
            }
        }
        return null;
    }
}
