package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.format.table.CsvForm;
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
                file, number + ".csv", CsvForm.POINT, "f" + number, "Maren", List.of("remark"));
    }

    @Test
    void oneIsTakenUpOnce(@TempDir Path folder) throws IOException {
        String token = waiting.keep(file(folder, 1));
        assertThat(waiting.find(token)).isPresent();
        assertThat(waiting.take(token)).map(WaitingSheets.Waiting::name).contains("1.csv");
        assertThat(waiting.take(token)).isEmpty();
        assertThat(waiting.find("made up")).isEmpty();
    }

    @Test
    void onlyTheLatestFewAreKeptAndTheOthersFilesGo(@TempDir Path folder) throws IOException {
        List<String> tokens = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            tokens.add(waiting.keep(file(folder, i)));
        }
        assertThat(tokens.subList(0, 5)).allMatch(token -> waiting.find(token).isEmpty());
        assertThat(tokens.subList(5, 25)).allMatch(token -> waiting.find(token).isPresent());
        assertThat(folder.resolve("4.csv")).doesNotExist();
        assertThat(folder.resolve("5.csv")).exists();
    }
}
