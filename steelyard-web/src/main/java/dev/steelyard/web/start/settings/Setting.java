package dev.steelyard.web.start.settings;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** One thing that may be set. */
public enum Setting {
    ADDRESS("127.0.0.1", "the address that is listened on; 0.0.0.0 for all of this machine", Checks::address),
    PORT("8080, or the next that is free", "the port that is listened on", Checks::port),
    PUBLIC_ADDRESS(
            "where it listens",
            "what browsers and stores call it, where that is something else: https://prices.example",
            Checks::publicAddress),
    TRUSTED_PROXIES(
            "none",
            "addresses or networks (10.0.0.0/8), with commas between them, whose word on who asks is taken",
            Checks::networks),
    DB_URL(
            "a database of its own",
            "a MariaDB that is there already: jdbc:mariadb://db.example:3306/steelyard",
            Checks::databaseUrl),
    DB_USER("steelyard", "its user", Checks::any),
    DB_PASSWORD("none", "that user’s password", Checks::any),
    DB_PASSWORD_FILE("none", "a file whose first line is the password", Checks::readableFile),
    MEMORY("a quarter of the machine’s", "heap, as 900m or 2g; read by the start command", Checks::memory),
    BACKUPS("“backups” in the data folder", "the folder of the daily backups", Checks::any),
    BACKUPS_KEPT("14", "for how many days they are kept, 1 to 3650; 0 for no daily backup", Checks::days),
    BACKUP_AT("03:00", "when, in the shop’s time", Checks::time),
    MANAGEMENT_PORT("none", "a port on 127.0.0.1 for health and metrics", Checks::port),
    LOG("text", "text, or json: one object a line", Checks::log);

    private final String usual;
    private final String meaning;
    private final Function<String, @Nullable String> check;

    Setting(String usual, String meaning, Function<String, @Nullable String> check) {
        this.usual = usual;
        this.meaning = meaning;
        this.check = check;
    }

    /** Its name in the file: {@code public-address}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Its name in the environment: {@code STEELYARD_PUBLIC_ADDRESS}. */
    public String variable() {
        return "STEELYARD_" + name();
    }

    /** What holds where nothing is set, in words. */
    public String usual() {
        return usual;
    }

    public String meaning() {
        return meaning;
    }

    /** Whether it is never shown. */
    boolean isSecret() {
        return this == DB_PASSWORD;
    }

    /** Why a value cannot be. */
    @Nullable
    String fault(String value) {
        return check.apply(value);
    }

    static Optional<Setting> named(String key) {
        return Arrays.stream(values()).filter(one -> one.key().equals(key)).findFirst();
    }
}
