package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.start.settings.Settings;
import dev.steelyard.web.testing.Launches;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Launches
class ExistingDatabaseTest {

    /** As newer servers are by themselves; there a row that somebody has changed since one read cannot be changed even once locked. */
    @Test
    void aServerThatHoldsReadersToWhatTheyReadIsToldNotTo(@TempDir Path data, @TempDir Path home) throws Exception {
        try (PrivateMariaDb server = PrivateMariaDb.startForgetful(data)) {
            Process owner = new ProcessBuilder(
                            "mariadb",
                            "--no-defaults",
                            "--socket=" + data.resolve("mariadb.sock"),
                            "--user=" + System.getProperty("user.name"),
                            "--execute=set global innodb_snapshot_isolation = ON")
                    .inheritIO()
                    .start();
            assertThat(owner.waitFor()).isZero();
            Settings settings = Settings.read(
                    home,
                    Map.of(
                            "STEELYARD_DB_URL", server.jdbcUrl().replaceAll("\\?.*", ""),
                            "STEELYARD_DB_USER", server.user(),
                            "STEELYARD_DB_PASSWORD", server.password()));
            try (ShopDatabase shop = ShopDatabase.open(settings, home);
                    Connection one = shop.connect();
                    Connection other = shop.connect()) {
                say(one, "create table t (id int primary key, n int) engine = innodb", "insert into t values (1, 1)");
                say(one, "set transaction isolation level repeatable read", "start transaction", "select * from t");
                say(other, "update t set n = 2");
                say(one, "update t set n = n + 1", "commit");
                assertThat(shop.url()).contains("sql_mode='STRICT_ALL_TABLES");
                try (Statement asked = one.createStatement();
                        ResultSet found = asked.executeQuery("select n from t")) {
                    assertThat(found.next()).isTrue();
                    assertThat(found.getInt(1)).isEqualTo(3);
                }
            }
        }
    }

    @Test
    void whatTheAddressSaysItselfIsLeft() {
        String url = ExistingDatabase.completed("jdbc:mariadb://db/shop");
        assertThat(ExistingDatabase.with(url, List.of("wsrep_sync_wait=1", "other=OFF")))
                .startsWith("jdbc:mariadb://db/shop?")
                .contains("sessionVariables=other=OFF,wsrep_sync_wait=1,sql_mode=");
        assertThat(ExistingDatabase.with("jdbc:mariadb://db/shop?sessionVariables=other=ON", List.of("other=OFF")))
                .isEqualTo("jdbc:mariadb://db/shop?sessionVariables=other=ON");
        assertThat(ExistingDatabase.with(url, List.of())).isEqualTo(url);
    }

    private static void say(Connection connection, String... statements) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }
}
