package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The tables of goods have one writer: no other room has statements that write them. */
class OneWriterTest {

    private static final Path SOURCES = Path.of("src/main/java/dev/steelyard/web");

    private static final Pattern WRITING =
            Pattern.compile("(insert (ignore )?into|update( ignore)?|delete( \\w)? from) "
                    + "(product|variant|price_row|price_alone|brand|category|product_tag|product_category)\\b");

    /** Goods made up for measuring are written many thousand at a time. */
    private static final Path FOR_MEASURING = Path.of("start/demo/MadeUpGoods.java");

    @Test
    void theTablesOfGoodsAreWrittenInTheirOwnRoomAlone() throws IOException {
        List<Path> writers = writers();
        assertThat(writers).contains(Path.of("goods/DescribedGoods.java"), Path.of("goods/BatchPrices.java"));
        assertThat(writers)
                .allMatch(file -> file.equals(FOR_MEASURING) || file.getParent().equals(Path.of("goods")));
    }

    private static List<Path> writers() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> WRITING.matcher(text(file)).find())
                    .map(SOURCES::relativize)
                    .toList();
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file).replaceAll("\"\\s*\\+\\s*\"", "");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
