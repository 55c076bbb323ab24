package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import dev.steelyard.web.testing.Shoppers;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The application and its database are killed while shoppers check out, on loopback and for seconds only: every order is
 * whole or absent, and nobody pays twice or for nothing.
 */
@Launches
class KilledUnderLoadTest {

    @Test
    void everyOrderIsWholeOrAbsentAndNobodyPaysTwice(@TempDir Path home) throws Exception {
        try (LaunchedApp app =
                new LaunchedApp(home, "steelyard.payments.ask-after=2s", "steelyard.payments.patience=2s")) {
            app.launch("--demo");
            try (Shoppers shoppers = new Shoppers(6, app.url())) {
                shoppers.awaitThanked(5);
                app.kill(); // and with it the stand-in
                app.launch("--demo");
                shoppers.awaitThanked(5);
                app.killDatabase();
                shoppers.awaitThanked(5);
                shoppers.stop();
                app.end();
                try (PrivateMariaDb database = PrivateMariaDb.start(home);
                        Connection connection =
                                DriverManager.getConnection(database.jdbcUrl(), database.user(), database.password());
                        Statement sql = connection.createStatement()) {
                    shoppers.look(sql);
                }
            }
        }
    }
}
