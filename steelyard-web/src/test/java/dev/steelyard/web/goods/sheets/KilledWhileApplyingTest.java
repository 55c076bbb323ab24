package dev.steelyard.web.goods.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import dev.steelyard.web.testing.SheetsAtWork;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The database and the application are killed while a sheet is read and applied: all of it is applied, or nothing. */
@Launches
class KilledWhileApplyingTest {

    private static final String[] START = {"--demo", "--goods", "2500"};
    private static final String HEAD = "sku,what,from,price\r\n";
    private static final Duration PATIENCE = Duration.ofSeconds(90);

    private LaunchedApp app;
    private Http owner;

    @AfterEach
    void stop() {
        if (app != null) {
            app.close();
        }
    }

    @Test
    void whateverIsKilledASheetIsAppliedWholeOrNotAtAll(@TempDir Path home) throws Exception {
        app = new LaunchedApp(home, "steelyard.batches.left-after=3s");
        app.launch(START);
        owner = new Http(app.url()).signIn("maren");
        List<String> before = prices();
        String sheet = HEAD
                + before.stream().map(KilledWhileApplyingTest::dearer).collect(Collectors.joining("\r\n", "", "\r\n"));
        Answer preview = settled(upload(sheet));
        assertThat(preview.text()).contains("%,d prices would change".formatted(before.size()));
        String page = SheetsAtWork.path(preview);

        // the database, while it writes
        owner.post(page + "/apply");
        app.killDatabase();
        Answer after = settled(page);
        wholeOrNothing(after, before, sheet);
        if (after.text().contains("applied by")) {
            assertThat(settled(page + "/undo", page).text()).contains("undone by");
            page = SheetsAtWork.path(settled(upload(sheet)));
        }

        // the application, while it writes
        owner.post(page + "/apply");
        app.kill();
        app.launch(START);
        owner = new Http(app.url()).signIn("maren");
        after = settled(page);
        wholeOrNothing(after, before, sheet);
        if (!after.text().contains("applied by")) {
            assertThat(after.text()).contains("Nothing was applied");
            assertThat(settled(page + "/apply", page).text()).contains("applied by Maren");
        }
        assertThat(prices()).isNotEqualTo(before);

        // the application, while it reads
        String reading = SheetsAtWork.path(upload(sheet.replace(",row,", ", row ,")));
        app.kill();
        app.launch(START);
        owner = new Http(app.url()).signIn("maren");
        assertThat(settled(reading).text())
                .containsAnyOf("The application ended while the rows were read. Nothing was applied", "0 changes");
    }

    private void wholeOrNothing(Answer page, List<String> before, String sheet) {
        List<String> now = prices();
        List<String> wanted = sheet.lines().skip(1).toList();
        if (page.text().contains("applied by")) {
            assertThat(now).isEqualTo(wanted);
        } else {
            assertThat(page.text()).contains("to be looked at");
            assertThat(now).isEqualTo(before);
        }
    }

    /** “MK-000001,row,10,1.77” of each made-up price row. */
    private List<String> prices() {
        List<String> rows = new ArrayList<>();
        new String(owner.bytes("/sheets/out?kind=CSV&everyone=true&group=Boatyard"), StandardCharsets.UTF_8)
                .lines()
                .filter(line -> line.startsWith("MK-"))
                .forEach(line -> {
                    String[] cells = line.split(",", -1);
                    int skip = cells.length - 12; // commas in the name
                    if (cells[2 + skip].equals("Everyone")) {
                        rows.add(String.join(",", cells[0], cells[3 + skip], cells[4 + skip], cells[6 + skip]));
                    }
                });
        return rows;
    }

    private static String dearer(String row) {
        int at = row.lastIndexOf(',') + 1;
        BigDecimal price = new BigDecimal(row.substring(at));
        return row.substring(0, at) + price.add(BigDecimal.ONE).setScale(2, RoundingMode.HALF_UP);
    }

    private Answer upload(String sheet) {
        return owner.upload("/sheets", "prices.csv", sheet.getBytes(StandardCharsets.UTF_8));
    }

    private Answer settled(Answer page) {
        return settled(SheetsAtWork.path(page));
    }

    private Answer settled(String action, String page) {
        owner.post(action);
        return settled(page);
    }

    /** Asks until nothing works on it any more; the database may be away for a while. */
    private Answer settled(String page) {
        Instant latest = Instant.now().plus(PATIENCE);
        while (true) {
            assertThat(Instant.now()).as(page).isBefore(latest);
            try {
                Answer answer = owner.get(page);
                if (answer.status() == 200 && !answer.body().contains("id=\"progress\"")) {
                    return answer;
                }
                Thread.sleep(200);
            } catch (UncheckedIOException away) {
                continue; // the connection was cut; asked again
            } catch (InterruptedException stopping) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopping);
            }
        }
    }
}
