package dev.steelyard.web.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** The whole shop goes into a file and comes back as it was; a file that is not whole does nothing. */
@ExtendWith(WithApp.class)
class BackupTest {

    private static final Instant AT = Instant.parse("2026-11-30T03:00:00Z");

    @TempDir
    private Path folder;

    /** The driver writes moments of three digits below a tenth of a second as others: “.085” as “.85000”. */
    @Test
    void everyMomentIsKeptToSixDigits(App app) {
        assertThat(app.sql()
                        .sql(
                                "select concat(table_name, '.', column_name) from information_schema.columns where table_schema ="
                                        + " database() and data_type in ('datetime', 'timestamp', 'time') and datetime_precision not in"
                                        + " (0, 6)")
                        .query(String.class)
                        .list())
                .isEmpty();
    }

    @Test
    void whatIsWrittenComesBackRowByRow(App app, Http shopper) throws Exception {
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        Buying.order(shopper, shopper.get("/counter/checkout"), "bank transfer", "");
        app.sql()
                .sql(
                        "insert into picture (id, fingerprint, width, height, png, made_at) values (77, 'x', 1, 1, x'00ff0a0d', now())")
                .update();
        Path file = folder.resolve("shop.zip");
        Manifest written = write(app, file);
        app.sql().sql("delete from picture where id = 77").update();
        assertThat(written.rows("shop_order")).isEqualTo(1);
        assertThat(written.rows("product")).isEqualTo(13);
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        assertThat(folder.resolve("shop.zip.part")).doesNotExist();
        try (PrivateMariaDb other = PrivateMariaDb.startForgetful(folder.resolve("other"))) {
            DataSource there = new DriverManagerDataSource(other.jdbcUrl(), other.user(), other.password());
            Manifest restored = new Restore(there).check(file);
            assertThat(restored).isEqualTo(written);
            JdbcTemplate sql = new JdbcTemplate(there);
            assertThat(sql.queryForObject("select total from shop_order", String.class))
                    .isEqualTo("30.000000");
            assertThat(sql.queryForObject("select hex(png) from picture where id = 77", String.class))
                    .isEqualTo("00FF0A0D");
            // numbers go on behind those that were given
            long given = app.sql()
                    .sql("select next value for order_number")
                    .query(Long.class)
                    .single();
            assertThat(sql.queryForObject("select next value for order_number", Long.class))
                    .isGreaterThanOrEqualTo(given - 1_000);
            assertThatThrownBy(() -> new Restore(there).from(file))
                    .isInstanceOf(BackupFault.class)
                    .hasMessageContaining("There is a shop already");
        }
    }

    /** They may keep a history of their own under the same name. */
    @Test
    void nothingOfOthersIsTouched(App app) throws Exception {
        Path file = folder.resolve("shop.zip");
        write(app, file);
        try (PrivateMariaDb others = PrivateMariaDb.startForgetful(folder.resolve("others"))) {
            DataSource there = new DriverManagerDataSource(others.jdbcUrl(), others.user(), others.password());
            JdbcTemplate sql = new JdbcTemplate(there);
            sql.execute(
                    "create table flyway_schema_history (version varchar(50), script varchar(1000), success tinyint)");
            sql.execute("insert into flyway_schema_history values ('1', 'V1__letters.sql', 1)");
            sql.execute("create table letter (words varchar(20))");
            sql.execute("insert into letter values ('Dear Ada')");
            assertThat(refusal(new Restore(there), file)).contains("holds tables that are none of Steelyard’s");
            assertThat(sql.queryForObject("select words from letter", String.class))
                    .isEqualTo("Dear Ada");
        }
    }

    @Test
    void aFileCutShortOrChangedByABitDoesNothing(App app) throws Exception {
        Path file = folder.resolve("shop.zip");
        write(app, file);
        byte[] whole = Files.readAllBytes(file);
        Restore restore =
                new Restore(app.bean(DataSource.class)); // would say that a shop is there, if it came that far
        Path cut = Files.write(folder.resolve("cut.zip"), Arrays.copyOf(whole, whole.length - 100));
        assertThatThrownBy(() -> restore.from(cut))
                .isInstanceOf(BackupFault.class)
                .hasMessageContaining("is no backup of Steelyard, or was cut short");
        int refused = 0;
        for (int place = 200; place < whole.length; place += whole.length / 40) {
            byte[] changed = whole.clone();
            changed[place] ^= 4;
            Path damaged = Files.write(folder.resolve("damaged.zip"), changed);
            refused += refusal(restore, damaged).contains("There is a shop already") ? 0 : 1;
        }
        // a bit of a name or a date in the zip's own records may be of no consequence
        assertThat(refused).isGreaterThanOrEqualTo(36);
        assertThat(refusal(restore, Files.writeString(folder.resolve("text.zip"), "no zip")))
                .contains("is no backup of Steelyard");
        assertThat(refusal(restore, folder.resolve("none.zip"))).contains("There is no file");
    }

    @Test
    void oneOfANewerVersionIsRefused(App app) throws Exception {
        Path file = folder.resolve("shop.zip");
        write(app, file);
        try (FileSystem zip = FileSystems.newFileSystem(file)) {
            Path manifest = zip.getPath(BackupWriter.MANIFEST);
            String text = Files.readString(manifest);
            Files.write(
                    manifest,
                    text.replaceAll("\"schema\" : \\d+", "\"schema\" : 999").getBytes(StandardCharsets.UTF_8));
        }
        assertThat(refusal(new Restore(app.bean(DataSource.class)), file))
                .contains("was made by Steelyard 0.1.0 with schema 999")
                .contains("Use that version, or a newer one");
    }

    @Test
    void aFolderThatCannotBeWrittenToIsNamed(App app) throws SQLException, IOException {
        Path blocked = Files.writeString(folder.resolve("file"), "in the way");
        try (Connection connection = app.bean(DataSource.class).getConnection()) {
            assertThatThrownBy(() -> BackupWriter.write(connection, blocked.resolve("shop.zip"), "0.1.0", AT))
                    .isInstanceOf(BackupFault.class)
                    .hasMessageContaining("could not be written");
        }
    }

    private static String refusal(Restore restore, Path file) {
        try {
            restore.from(file);
            return "";
        } catch (BackupFault fault) {
            return String.valueOf(fault.getMessage());
        }
    }

    private static Manifest write(App app, Path file) throws SQLException {
        try (Connection connection = app.bean(DataSource.class).getConnection()) {
            // the tests keep the demo shop beside it
            return BackupWriter.write(connection, file, "0.1.0", AT, table -> !table.startsWith("kept_"));
        }
    }
}
