package dev.steelyard.web.start;

import dev.steelyard.web.base.database.PrivateMariaDb;
import dev.steelyard.web.start.settings.Settings;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Where a shop's data are: in a database of its own, which runs as long as this is open, or in one that is there already. */
final class ShopDatabase implements AutoCloseable {

    private final String url;
    private final String user;
    private final String password;
    private final @Nullable PrivateMariaDb own;

    private ShopDatabase(String url, String user, String password, @Nullable PrivateMariaDb own) {
        this.url = url;
        this.user = user;
        this.password = password;
        this.own = own;
    }

    /**
     * Starts the own one, or waits until the other answers.
     *
     * @throws IllegalStateException in words, where it does not answer or cannot hold a shop
     */
    static ShopDatabase open(Settings settings, Path home) {
        return settings.database()
                .map(there ->
                        of(there.url(), there.user(), there.password(), null).usable())
                .orElseGet(() -> own(home));
    }

    private static ShopDatabase own(Path home) {
        PrivateMariaDb started = PrivateMariaDb.start(home);
        return of(started.jdbcUrl(), started.user(), started.password(), started);
    }

    /** One that somebody else started. */
    static ShopDatabase of(String url, String user, String password) {
        return of(url, user, password, null);
    }

    private static ShopDatabase of(String url, String user, String password, @Nullable PrivateMariaDb own) {
        return new ShopDatabase(url, user, password, own);
    }

    private ShopDatabase usable() {
        ShopDatabase known = new ShopDatabase(ExistingDatabase.completed(url), user, password, null);
        List<String> variables = ExistingDatabase.check(known);
        return new ShopDatabase(ExistingDatabase.with(known.url(), variables), user, password, null);
    }

    boolean isOwn() {
        return own != null;
    }

    String url() {
        return url;
    }

    String user() {
        return user;
    }

    String password() {
        return password;
    }

    Connection connect() throws SQLException {
        return DriverManager.getConnection(url, user, password);
    }

    DataSource source() {
        return new DriverManagerDataSource(url, user, password);
    }

    @Override
    public void close() {
        if (own != null) {
            own.close();
        }
    }
}
