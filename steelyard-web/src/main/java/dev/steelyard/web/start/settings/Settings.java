package dev.steelyard.web.start.settings;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is set, and where: the environment counts before the file {@value #FILE} of the data folder. */
public final class Settings {

    public static final String FILE = "steelyard.properties";
    private static final String ENVIRONMENT = "STEELYARD_";

    /** Of the start command, not of the application. */
    private static final Set<String> OTHERS = Set.of("STEELYARD_HOME");

    private final Map<Setting, Value> values;

    private Settings(Map<Setting, Value> values) {
        this.values = values;
    }

    /** @param source in words */
    private record Value(String text, String source) {}

    /**
     * Reads all that is set.
     *
     * @throws IllegalArgumentException that says everything that cannot be
     */
    public static Settings read(Path home, Map<String, String> environment) {
        Map<Setting, Value> values = new EnumMap<>(Setting.class);
        List<String> faults = new ArrayList<>();
        file(home.resolve(FILE), values, faults);
        environment(environment, values, faults);
        values.forEach((setting, value) -> {
            String fault = setting.fault(value.text());
            if (fault != null) {
                faults.add(
                        setting.key() + " cannot be " + shown(setting, value) + " (" + value.source() + "): " + fault);
            }
        });
        if (values.containsKey(Setting.DB_PASSWORD) && values.containsKey(Setting.DB_PASSWORD_FILE)) {
            faults.add("db-password and db-password-file are both set; one is enough");
        }
        for (Setting needs : List.of(Setting.DB_USER, Setting.DB_PASSWORD, Setting.DB_PASSWORD_FILE)) {
            if (values.containsKey(needs) && !values.containsKey(Setting.DB_URL)) {
                faults.add(needs.key() + " is set without db-url; Steelyard’s own database has its own user");
            }
        }
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(String.join("\n  ", faults));
        }
        return new Settings(values);
    }

    private static void file(Path file, Map<Setting, Value> values, List<String> faults) {
        if (!Files.exists(file)) {
            return;
        }
        Properties read = new Properties();
        try (Reader in = Files.newBufferedReader(file)) {
            read.load(in);
            if (othersRead(file)) {
                faults.add(file + " can be read by others than its owner; it may hold a password: chmod 600 " + file);
            }
        } catch (IOException | IllegalArgumentException unreadable) {
            faults.add(file + " cannot be read: " + unreadable.getMessage());
        }
        for (String key : new TreeSet<>(read.stringPropertyNames())) {
            Optional<Setting> setting = Setting.named(key);
            setting.ifPresent(
                    one -> values.put(one, new Value(read.getProperty(key).strip(), file.toString())));
            if (setting.isEmpty()) {
                faults.add("“" + key + "” in " + file + " is no setting; there are " + names());
            }
        }
    }

    private static boolean othersRead(Path file) throws IOException {
        Set<PosixFilePermission> may = Files.getPosixFilePermissions(file);
        return may.contains(PosixFilePermission.OTHERS_READ) || may.contains(PosixFilePermission.GROUP_READ);
    }

    private static void environment(Map<String, String> environment, Map<Setting, Value> values, List<String> faults) {
        for (String variable : new TreeSet<>(environment.keySet())) {
            if (!variable.startsWith(ENVIRONMENT) || OTHERS.contains(variable)) {
                continue;
            }
            Arrays.stream(Setting.values())
                    .filter(one -> one.variable().equals(variable))
                    .findFirst()
                    .ifPresentOrElse(
                            one -> values.put(
                                    one, new Value(environment.get(variable).strip(), variable)),
                            () -> faults.add(variable + " is no setting; there are "
                                    + Arrays.stream(Setting.values())
                                            .map(Setting::variable)
                                            .collect(Collectors.joining(", "))));
        }
    }

    private static String names() {
        return Arrays.stream(Setting.values()).map(Setting::key).collect(Collectors.joining(", "));
    }

    private static String shown(Setting setting, Value value) {
        return setting.isSecret() ? "what is set" : "“" + value.text() + "”";
    }

    public Optional<String> value(Setting setting) {
        return Optional.ofNullable(values.get(setting)).map(Value::text);
    }

    public @Nullable Integer whole(Setting setting) {
        return value(setting).map(Integer::valueOf).orElse(null);
    }

    /** The database that is there already, with who may use it; none for one of its own. */
    public Optional<Database> database() {
        return value(Setting.DB_URL)
                .map(url -> new Database(url, value(Setting.DB_USER).orElse("steelyard"), password()));
    }

    /** A database that is there. */
    public record Database(String url, String user, String password) {

        @Override
        public String toString() {
            return user + " at " + url; // the password goes into no log
        }
    }

    private String password() {
        return value(Setting.DB_PASSWORD_FILE)
                .map(file -> firstLine(Path.of(file)))
                .or(() -> value(Setting.DB_PASSWORD))
                .orElse("");
    }

    private static String firstLine(Path file) {
        try (var lines = Files.lines(file, StandardCharsets.UTF_8)) {
            return lines.findFirst().orElse("").strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** What browsers call it, without a slash at the end. */
    public Optional<URI> publicAddress() {
        return value(Setting.PUBLIC_ADDRESS).map(text -> URI.create(text.replaceAll("/$", "")));
    }

    /** All of them as lines: what is in force, and where it came from. */
    public String told() {
        StringBuilder told = new StringBuilder();
        for (Setting one : Setting.values()) {
            Value value = values.get(one);
            told.append("%-18s %s%n"
                    .formatted(
                            one.key(),
                            value == null
                                    ? one.usual() + "   (usual)"
                                    : (one.isSecret() ? "is set" : value.text()) + "   (" + value.source() + ")"));
            told.append("%-18s   %s%n".formatted("", one.meaning()));
        }
        return told.toString();
    }
}
