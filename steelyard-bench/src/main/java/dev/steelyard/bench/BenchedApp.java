package dev.steelyard.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.concurrent.TimeUnit;

/** The application to be measured, on a folder of its own. */
final class BenchedApp implements AutoCloseable {

    private static final String READY = "Steelyard is ready at ";

    private final Process process;
    private final String url;
    private final Path home;

    private BenchedApp(Process process, String url, Path home) {
        this.process = process;
        this.url = url;
        this.home = home;
    }

    static BenchedApp start(String jar, String... options) throws IOException {
        return start(List.of("-jar", jar), options);
    }

    /** The same with so much heap and no more. */
    static BenchedApp startWithHeap(String jar, int megabytes, String... options) throws IOException {
        return start(List.of("-Xmx" + megabytes + "m", "-jar", jar), options);
    }

    /** The same, keeping its classes for the next as {@code ./steelyard} does. */
    static BenchedApp startKeepingClasses(String jar, int megabytes, String... options) throws IOException {
        Path home = Files.createTempDirectory("steelyard-bench");
        return start(
                home,
                List.of("-Xmx" + megabytes + "m", "-XX:ArchiveClassesAtExit=" + classes(home), "-jar", jar),
                options);
    }

    /** Once more, on the data of one that was closed, with the classes it kept, if it did. */
    static BenchedApp again(String jar, int megabytes, Path home, String... options) throws IOException {
        List<String> how = new ArrayList<>(List.of("-Xmx" + megabytes + "m"));
        if (Files.exists(classes(home))) {
            how.addAll(List.of("-Xlog:cds*=off", "-XX:SharedArchiveFile=" + classes(home)));
        }
        how.addAll(List.of("-jar", jar));
        return start(home, how, options);
    }

    private static Path classes(Path home) {
        return home.resolve("classes.jsa");
    }

    private static BenchedApp start(List<String> how, String... options) throws IOException {
        return start(Files.createTempDirectory("steelyard-bench"), how, options);
    }

    private static BenchedApp start(Path home, List<String> how, String... options) throws IOException {
        List<String> command = new ArrayList<>(
                List.of(ProcessHandle.current().info().command().orElse("java"), "-Dsteelyard.home=" + home));
        // as ./steelyard starts it
        command.addAll(Arrays.asList(System.getProperty("program.options", "").split(" ")));
        command.removeIf(String::isEmpty);
        command.addAll(how);
        command.addAll(List.of("--orders", "0")); // unless it is said otherwise
        command.addAll(List.of(options));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader lines =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.startsWith(READY)) {
                return new BenchedApp(process, line.substring(READY.length()).replaceAll("/$", ""), home);
            }
            said.append(line).append('\n');
        }
        throw new IllegalStateException("the application did not start: " + said);
    }

    /** The address without a slash at its end. */
    String url() {
        return url;
    }

    long pid() {
        return process.pid();
    }

    /** Where its database is reached; a user “bench” may do everything there. Made with the server's own client. */
    String databaseUrl() throws IOException, InterruptedException {
        String port = client("select @@port").strip();
        client(
                "create or replace user bench@'127.0.0.1' identified by 'bench'; grant all on steelyard.* to bench@'127.0.0.1'");
        return "jdbc:mariadb://127.0.0.1:" + port + "/steelyard?useBulkStmts=true";
    }

    /** Where it keeps its data. */
    Path home() {
        return home;
    }

    /** Changes something in its database. */
    void change(String statements) throws IOException, InterruptedException {
        client("use steelyard; " + statements);
    }

    /** What its database answers to a question of one line. */
    String ask(String question) throws IOException, InterruptedException {
        return client("use steelyard; " + question).strip();
    }

    private String client(String statements) throws IOException, InterruptedException {
        Process client = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "-N",
                        "-S",
                        home.resolve("mariadb.sock").toString(),
                        "-u",
                        System.getProperty("user.name"),
                        "-e",
                        statements)
                .redirectErrorStream(true)
                .start();
        String said = new String(client.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (client.waitFor() != 0) {
            throw new IllegalStateException("the database's client said: " + said);
        }
        return said;
    }

    /** The key of the example store, allowed as many calls as there may be. */
    String key() throws IOException, InterruptedException {
        Path settings = home.resolve("neighbour.properties");
        for (int tries = 0; tries < 60 && !Files.exists(settings); tries++) {
            TimeUnit.SECONDS.sleep(1); // the example store is started last
        }
        Properties kept = new Properties();
        try (BufferedReader in = Files.newBufferedReader(settings)) {
            kept.load(in);
        }
        String key = kept.getProperty("serverKey");
        for (int tries = 0; tries < 60; tries++) {
            change("update store_key set per_second = 100000, burst = 100000");
            TimeUnit.SECONDS.sleep(1); // keys are looked up every two seconds
            if (callsAtOnce(key).contains("q=100000;")) {
                return key;
            }
        }
        throw new IllegalStateException("the key is not allowed as many calls: " + callsAtOnce(key));
    }

    /** What an answer says of how many calls there may be. */
    private String callsAtOnce(String key) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url() + "/api/v1/key"))
                .header("Authorization", "Bearer " + key)
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.discarding())
                .headers()
                .firstValue("RateLimit-Policy")
                .orElse("none");
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
