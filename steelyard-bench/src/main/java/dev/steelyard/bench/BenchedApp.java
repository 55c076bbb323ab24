package dev.steelyard.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The application to be measured, on a folder of its own. */
final class BenchedApp implements AutoCloseable {

    private static final String READY = "Steelyard is ready at ";

    private final Process process;
    private final String url;

    private BenchedApp(Process process, String url) {
        this.process = process;
        this.url = url;
    }

    static BenchedApp start(String jar, String... options) throws IOException {
        Path home = Files.createTempDirectory("steelyard-bench");
        List<String> command = new ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElse("java"), "-Dsteelyard.home=" + home, "-jar", jar));
        command.addAll(List.of(options));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader lines =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.startsWith(READY)) {
                return new BenchedApp(process, line.substring(READY.length()).replaceAll("/$", ""));
            }
            said.append(line).append('\n');
        }
        throw new IllegalStateException("the application did not start: " + said);
    }

    /** The address without a slash at its end. */
    String url() {
        return url;
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
