package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import dev.steelyard.web.testing.SheetsAtWork;
import dev.steelyard.web.testing.SmallDisk;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What needs room and has none is refused in words, what does not goes on, and all is as before once there is room. */
@Launches
class FullDiskTest {

    private static final int HOME = 450_000;
    private static final int TEMPORARY = 12_000;
    private static final int ROWS = 40_000;
    private static final int LEFT = 64;
    private static final int TRIES = 600;
    private static final long PAUSE_MILLIS = 200;

    @TempDir
    private Path home;

    @TempDir
    private Path temporary;

    @Test
    void temporaryFilesAndTheDatabase() throws Exception {
        try (SmallDisk data = SmallDisk.at(home, HOME);
                SmallDisk small = SmallDisk.at(temporary, TEMPORARY);
                LaunchedApp app = new LaunchedApp(
                        home, "java.io.tmpdir=" + temporary, "spring.datasource.hikari.connection-timeout=2000")) {
            app.launch("--demo");
            Http maren = new Http(app.url()).signIn("maren");

            small.fill(LEFT);
            Http.Answer unread = maren.upload("/sheets", "prices.csv", sheet());
            assertThat(unread.status()).isEqualTo(507);
            assertThat(unread.text())
                    .contains("The file could not be kept here")
                    .contains("Nothing was changed");
            assertThat(left(temporary)).as("nothing of it is left behind").isEmpty();
            assertThat(maren.get("/counter/goods/BRU-1").text()).contains("15.00");
            small.clear();

            data.fill(LEFT);
            Http.Answer failed = maren.upload("/sheets", "prices.csv", sheet());
            for (int i = 0; i < TRIES && failed.body().contains("id=\"progress\""); i++) {
                TimeUnit.MILLISECONDS.sleep(PAUSE_MILLIS);
                failed = maren.get(SheetsAtWork.path(failed));
            }
            assertThat(failed.text())
                    .as(failed.status() + " "
                            + failed.response()
                                    .uri()) // MariaDB ends where its log has no room; where a table has none, it says
                    // so
                    .containsAnyOf("The database could not do it", "The shop’s books cannot be reached just now");
            assertThat(new Http(app.url()).get("/counter/goods/BRU-1").text())
                    .containsAnyOf("15.00", "The shop’s books cannot be reached just now");
            data.clear();

            Http.Answer back = maren.get("/sheets");
            for (int i = 0; i < TRIES && back.status() == 503; i++) {
                TimeUnit.MILLISECONDS.sleep(PAUSE_MILLIS);
                back = maren.get("/sheets");
            }
            assertThat(back.text()).doesNotContain("applied by");
            assertThat(new SheetsAtWork(maren).read("prices.csv", sheet()).text())
                    .contains("Nothing with the SKU");
            assertThat(new SheetsAtWork(maren)
                            .act(new SheetsAtWork(maren).read("sku,what,price\nBRU-1,shelf price,15.50\n"), "apply")
                            .text())
                    .contains("applied");
            assertThat(maren.get("/counter/goods/BRU-1").text()).contains("15.50");
        }
    }

    private static List<String> left(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.startsWith("sheet"))
                    .toList();
        }
    }

    /** Rows enough to need room, each refused in many words. */
    private static byte[] sheet() {
        StringBuilder rows = new StringBuilder("sku,name,what,price\n");
        for (int i = 0; i < ROWS; i++) {
            rows.append("NOT-THERE-").append(i).append(",Something with a long name that is kept,shelf price,1.00\n");
        }
        return rows.toString().getBytes(StandardCharsets.UTF_8);
    }
}
