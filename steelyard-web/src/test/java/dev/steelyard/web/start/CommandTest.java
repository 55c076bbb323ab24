package dev.steelyard.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.Launches;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The one command, as an installed copy and beside sources. Java, Maven and the installer of packages are stand-ins that say what
 * they were asked.
 */
@Launches
class CommandTest {

    private static final Path COMMAND = Path.of("..", "steelyard");
    private static final long A_WHOLE_ARCHIVE = 70L << 20;

    @TempDir
    private Path folder;

    private Path copy;
    private Path home;
    private Path java;

    /** What a run came to: its end, and all it said. */
    private record Run(int end, String said) {

        String line(String beginning) {
            return said.lines()
                    .filter(line -> line.startsWith(beginning))
                    .findFirst()
                    .orElse("");
        }
    }

    @BeforeEach
    void copyIt() throws IOException {
        copy = Files.createDirectories(folder.resolve("lib")).resolve("steelyard");
        Files.copy(COMMAND, copy);
        Files.createDirectories(folder.resolve("lib/program"));
        Files.writeString(folder.resolve("lib/program/steelyard.jar"), "a program");
        Files.writeString(folder.resolve("lib/VERSION"), "9.8.7\n");
        home = folder.resolve("home");
        java = Files.createDirectories(folder.resolve("jdk/lib/server")).resolve("libjvm.so");
        Files.writeString(java, "one Java");
        stand("java", "printf '%s\\n' \"$@\"");
    }

    /** Something that is found before what this machine has of that name. */
    private void stand(String name, String does) throws IOException {
        Path tool = Files.createDirectories(folder.resolve("jdk/bin")).resolve(name);
        Files.writeString(tool, "#!/bin/sh\n" + does + "\n");
        assertThat(tool.toFile().setExecutable(true)).isTrue();
    }

    private Run run(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        ProcessBuilder builder =
                new ProcessBuilder(Stream.concat(Stream.of("bash", copy.toString()), Stream.of(arguments))
                        .toList());
        builder.environment().keySet().removeIf(name -> name.startsWith("STEELYARD_"));
        builder.environment().merge("PATH", "", (path, none) -> folder.resolve("jdk/bin") + ":" + path);
        builder.environment().put("STEELYARD_HOME", home.toString());
        builder.environment().putAll(environment);
        Process process = builder.redirectErrorStream(true).start();
        process.getOutputStream().close();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        return new Run(process.exitValue(), said);
    }

    private Run run(String... arguments) throws IOException, InterruptedException {
        return run(Map.of(), arguments);
    }

    private List<String> kept() throws IOException {
        try (Stream<Path> files = Files.list(home)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".jsa"))
                    .toList();
        }
    }

    /** What a run that ended in good order leaves: the file Java was told to leave its classes in. */
    private Path leave(Run run, long size) throws IOException {
        Path archive = Path.of(run.line("-XX:ArchiveClassesAtExit=").substring("-XX:ArchiveClassesAtExit=".length()));
        try (RandomAccessFile file = new RandomAccessFile(archive.toFile(), "rw")) {
            file.setLength(size);
        }
        return archive;
    }

    @Test
    void startsTheProgramBesideItOnItsDataFolder() throws Exception {
        Run run = run("start", "--port", "8123");

        assertThat(run.end()).isZero();
        assertThat(run.said().lines())
                .endsWith(
                        "-Dsteelyard.home=" + home,
                        "-jar",
                        folder.resolve("lib/program/steelyard.jar").toString(),
                        "--port",
                        "8123");
    }

    @Test
    void classesOfTheLastRunAreUsedByTheNext() throws Exception {
        Path archive = leave(run("start"), A_WHOLE_ARCHIVE);

        Run next = run("start");

        assertThat(archive).hasParentRaw(home);
        assertThat(next.said().lines()).contains("-XX:SharedArchiveFile=" + archive);
        assertThat(next.said()).doesNotContain("ArchiveClassesAtExit");
    }

    /** Java passes over what another of its versions kept, and says nothing: each start took twice as long from then on. */
    @Test
    void classesAreKeptAnewAfterAnotherJava() throws Exception {
        Path archive = leave(run("start"), A_WHOLE_ARCHIVE);
        Files.writeString(java, "another Java, brought by an update");

        Run next = run("start");

        assertThat(next.said()).doesNotContain("SharedArchiveFile");
        assertThat(leave(next, A_WHOLE_ARCHIVE)).isNotEqualTo(archive);
        assertThat(kept()).hasSize(1);
    }

    @Test
    void classesAreKeptAnewAfterAnotherProgram() throws Exception {
        Path archive = leave(run("start"), A_WHOLE_ARCHIVE);
        Files.writeString(folder.resolve("lib/program/steelyard.jar"), "the next program");

        assertThat(leave(run("start"), A_WHOLE_ARCHIVE)).isNotEqualTo(archive);
        assertThat(kept()).hasSize(1);
    }

    /** A run that ended before it was up leaves few classes. */
    @Test
    void fewClassesAreNotUsed() throws Exception {
        leave(run("start"), 1 << 20);

        assertThat(run("start").said()).contains("ArchiveClassesAtExit").doesNotContain("SharedArchiveFile");
    }

    @Test
    void othersOfItsCommandsLeaveNoClasses() throws Exception {
        Run backup = run("backup", "shop.steelyard");

        assertThat(backup.said().lines()).endsWith("backup", "shop.steelyard");
        assertThat(backup.said()).doesNotContain("ArchiveClassesAtExit");
    }

    @Test
    void memoryIsWhatIsSetFirstInTheEnvironmentThenInTheFile() throws Exception {
        Files.createDirectories(home);
        Files.writeString(home.resolve("steelyard.properties"), "# ours\nport = 8123\n  memory : 900m\n");

        assertThat(run("start").said().lines()).contains("-Xmx900m");
        assertThat(run(Map.of("STEELYARD_MEMORY", "2g"), "start").said().lines())
                .contains("-Xmx2g")
                .doesNotContain("-Xmx900m");
    }

    @ParameterizedTest
    @ValueSource(strings = {"lots", "2", "0g", "2 g", "-1g", "9999999m", "2g -Xms1g"})
    void memoryThatCannotBeIsSaid(String memory) throws Exception {
        Run run = run(Map.of("STEELYARD_MEMORY", memory), "start");

        assertThat(run.end()).isEqualTo(1);
        assertThat(run.said()).contains("memory cannot be “" + memory + "”: it is written as 900m or 2g");
        assertThat(run.said()).doesNotContain("-jar");
    }

    @ParameterizedTest
    @ValueSource(strings = {"price", "test", "bench", "screenshots", "format", "goods"})
    void anInstalledCopySaysWhatNeedsSources(String command) throws Exception {
        Run run = run(command);

        assertThat(run.end()).isEqualTo(1);
        assertThat(run.said()).contains("this is an installed copy; " + command + " is there where the sources are");
    }

    @Test
    void aCommandThatIsNotThereIsSaidBesideThoseThatAre() throws Exception {
        Run run = run("strat");

        assertThat(run.end()).isEqualTo(1);
        assertThat(run.said())
                .contains("usage: ./steelyard COMMAND", "start [--demo]")
                .endsWith("there is no command 'strat'\n");
    }

    @Test
    void saysItsVersionAndThatItDoesNotRun() throws Exception {
        assertThat(run("version").said()).isEqualTo("9.8.7\n");
        assertThat(run("stop").said()).isEqualTo("Steelyard is not running.\n");
        assertThat(run("reset", "--yes").said()).isEqualTo("There is no data to throw away.\n");
    }

    /** The number in the file may have gone to another process since. */
    @Test
    void stopEndsNobodyElse() throws Exception {
        Files.createDirectories(home);
        Process other = new ProcessBuilder("sleep", "60").start();
        try {
            Files.writeString(home.resolve("application.pid"), other.pid() + "\n");

            assertThat(run("stop").said()).isEqualTo("Steelyard is not running.\n");
            assertThat(other.isAlive()).isTrue();
        } finally {
            other.destroy();
        }
    }

    @Test
    void resetAsksAndKeepsWhatCouldBringTheShopBack() throws Exception {
        Files.createDirectories(home.resolve("mariadb"));
        Files.createDirectories(home.resolve("backups"));
        Files.writeString(home.resolve("steelyard.properties"), "memory = 2g\n");

        Run unanswered = run("reset");
        assertThat(unanswered.end()).isEqualTo(1);
        assertThat(unanswered.said()).endsWith("Nothing was changed.\n");
        assertThat(home.resolve("mariadb")).exists();

        assertThat(run("reset", "--yes").said()).contains("Emptied.", "Its backups are still in " + home);
        assertThat(home.resolve("mariadb")).doesNotExist();
        assertThat(home.resolve("backups")).exists();
        assertThat(home.resolve("steelyard.properties")).exists();
    }

    /** With JAVA_TOOL_OPTIONS set, Java says so before anything else; a JDK was taken for none then, and installed anew. */
    @Test
    void aJdkIsKnownWhateverItSaysBeside() throws Exception {
        Files.writeString(folder.resolve("lib/pom.xml"), "<project/>");
        stand("javac", "echo 'Picked up JAVA_TOOL_OPTIONS: -Dany' >&2; echo 'javac 17.0.21' >&2");
        stand("mvn", "echo maven \"$@\"");
        stand("apt-get", "echo installs \"$@\"");

        Run run = run("format");

        assertThat(run.end()).isZero();
        assertThat(run.said()).isEqualTo("maven -B -ntp -q spotless:apply\n");
    }

    @Test
    void aJdkThatIsTooOldIsNotEnough() throws Exception {
        Files.writeString(folder.resolve("lib/pom.xml"), "<project/>");
        stand("javac", "echo 'javac 11.0.2' >&2");
        stand("mvn", "echo maven \"$@\"");
        stand("apt-get", "echo installs \"$@\"");
        stand("sudo", "\"$@\"");

        assertThat(run("format").said()).contains("openjdk-17-jdk-headless").contains("installs install -q -y");
    }
}
