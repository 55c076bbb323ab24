package dev.steelyard.web.goods.batch;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.columns.FileLook.Seen;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WaitingSheetsTest {

    private final WaitingSheets waiting = new WaitingSheets();

    private WaitingSheets.Waiting file(Path folder, int number) throws IOException {
        Path file = Files.writeString(folder.resolve(number + ".csv"), "sku,price,remark\n");
        return new WaitingSheets.Waiting(
                file, number + ".csv", Batch.Origin.SHEET, "f" + number, "Maren", new Seen(1, 0, List.of()));
    }

    @Test
    void oneThatIsReadCanBeReadAnew(@TempDir Path folder) throws IOException {
        String token = waiting.keep(file(folder, 1));
        assertThat(waiting.readInto(token, 7)).isEmpty();
        assertThat(waiting.ofBatch(7)).contains(token);
        assertThat(waiting.readInto(token, 8)).contains(7L);
        assertThat(waiting.ofBatch(7)).isEmpty();
        assertThat(waiting.find("made up")).isEmpty();
    }

    @Test
    void onlyTheLatestFewAreKeptAndTheOthersFilesGo(@TempDir Path folder) throws IOException {
        List<String> tokens = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            tokens.add(waiting.keep(file(folder, i)));
            waiting.readInto(tokens.get(i), i);
        }
        assertThat(tokens.subList(0, 4)).allMatch(token -> waiting.find(token).isEmpty());
        assertThat(tokens.subList(4, 12)).allMatch(token -> waiting.find(token).isPresent());
        assertThat(waiting.ofBatch(3)).isEmpty();
        assertThat(folder.resolve("3.csv")).doesNotExist();
        assertThat(folder.resolve("4.csv")).exists();
    }
}
