package dev.steelyard.web.testing;

import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.util.FileSystemUtils;

/** Three MariaDB servers on loopback that are one database, each of which can be killed and started again. */
public final class GaleraCluster implements AutoCloseable {

    /** What Debian’s galera-4 brings. */
    public static final Path LIBRARY = Path.of("/usr/lib/galera/libgalera_smm.so");

    public static final int MEMBERS = 3;
    public static final String USER = "steelyard";
    public static final String PASSWORD = "only on loopback";

    private static final String SERVER = "/usr/sbin/mariadbd";
    private static final Duration PATIENCE = Duration.ofMinutes(2); // nothing hangs on it but when a fault is told
    private static final Pattern RECOVERED = Pattern.compile("Recovered position: (\\S+)");

    /** Root runs no servers: what they copy from each other would belong to somebody else. */
    private static final String RUNS_AS =
            System.getProperty("user.name").equals("root") ? "nobody" : System.getProperty("user.name");

    private final Path home;
    private final List<Member> members = new ArrayList<>();

    private static final class Member {
        private final Path home;
        private final int port = free();
        private final int group = free();
        private final int transfer = free();
        private final int copy = free();
        private Process process;

        Member(Path home) {
            this.home = home;
        }

        Connection asRoot() throws SQLException {
            return DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", "root", "");
        }

        Path data() {
            return home.resolve("data");
        }
    }

    private GaleraCluster(Path home) {
        this.home = home;
        IntStream.range(0, MEMBERS).forEach(i -> members.add(new Member(home.resolve("member" + i))));
    }

    /** The first is made, ended in good order and copied, so that the others join without being sent everything. */
    public static GaleraCluster start() throws IOException, InterruptedException, SQLException {
        GaleraCluster cluster = new GaleraCluster(Files.createTempDirectory(
                "steelyard-cluster",
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x"))));
        Member first = cluster.members.get(0);
        cluster.makeRoom(first);
        run(
                List.of(
                        "mariadb-install-db",
                        "--no-defaults",
                        "--user=" + RUNS_AS,
                        "--datadir=" + first.data(),
                        "--auth-root-authentication-method=normal",
                        "--skip-test-db"),
                first.home);
        cluster.launch(first, List.of("--wsrep-new-cluster"));
        cluster.awaitSynced(first);
        try (Connection connection = first.asRoot();
                Statement sql = connection.createStatement()) {
            sql.execute("create database steelyard character set utf8mb4 collate utf8mb4_uca1400_ai_ci");
            sql.execute("create user " + USER + "@localhost identified by '" + PASSWORD + "'");
            sql.execute("grant all on *.* to " + USER + "@localhost");
        }
        end(first);
        for (Member other : cluster.members.subList(1, MEMBERS)) {
            cluster.makeRoom(other);
            FileSystemUtils.copyRecursively(first.data(), other.data());
            own(other);
        }
        Path state = first.data().resolve("grastate.dat");
        Files.writeString(state, Files.readString(state).replace("safe_to_bootstrap: 0", "safe_to_bootstrap: 1"));
        cluster.launch(first, List.of("--wsrep-new-cluster"));
        cluster.awaitSynced(first);
        for (Member other : cluster.members.subList(1, MEMBERS)) {
            cluster.launch(other, List.of());
            cluster.awaitSynced(other);
        }
        return cluster;
    }

    /** All members in their order, as an application is told them. */
    public String url() {
        return "jdbc:mariadb:sequential://"
                + members.stream().map(one -> "127.0.0.1:" + one.port).collect(Collectors.joining(",")) + "/steelyard";
    }

    private String url(int member) {
        return "jdbc:mariadb://127.0.0.1:" + members.get(member).port + "/steelyard?sessionVariables=wsrep_sync_wait=1";
    }

    public Connection connect(int member) throws SQLException {
        return DriverManager.getConnection(url(member), USER, PASSWORD);
    }

    /** As kill -9 does. */
    public void kill(int member) throws InterruptedException {
        members.get(member).process.destroyForcibly().waitFor();
    }

    /** Starts a member that was killed, from where it was; returns once it is up to date. */
    public void bringBack(int member) throws IOException, InterruptedException {
        Member one = members.get(member);
        launch(one, List.of("--wsrep-start-position=" + position(one)));
        awaitSynced(one);
    }

    private String position(Member member) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(command(member));
        command.add("--wsrep-recover");
        Path log = Files.createTempFile(member.home, "recover", ".log");
        new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start()
                .waitFor();
        Matcher found = RECOVERED.matcher(Files.readString(log));
        if (!found.find()) {
            throw new IllegalStateException("where it was is not said: " + Files.readString(log));
        }
        return found.group(1);
    }

    private void launch(Member member, List<String> more) throws IOException {
        List<String> command = new ArrayList<>(command(member));
        command.addAll(more);
        member.process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        member.home.resolve("log").toFile()))
                .start();
    }

    private List<String> command(Member member) {
        List<String> command = new ArrayList<>(List.of(
                SERVER,
                "--no-defaults",
                "--datadir=" + member.data(),
                "--socket=" + member.home.resolve("socket"),
                "--pid-file=" + member.home.resolve("pid"),
                "--bind-address=127.0.0.1",
                "--port=" + member.port,
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_uca1400_ai_ci",
                "--binlog-format=ROW",
                "--innodb-autoinc-lock-mode=2",
                "--innodb-flush-log-at-trx-commit=0",
                "--innodb-buffer-pool-size=64M",
                "--wsrep-on=ON",
                "--wsrep-provider=" + LIBRARY,
                "--wsrep-cluster-name=steelyard",
                "--wsrep-node-address=127.0.0.1:" + member.group,
                "--wsrep-sst-method=rsync",
                "--wsrep-sst-receive-address=127.0.0.1:" + member.copy,
                "--wsrep-cluster-address=gcomm://"
                        + members.stream().map(one -> "127.0.0.1:" + one.group).collect(Collectors.joining(",")),
                "--wsrep-provider-options=base_port=" + member.group + ";gmcast.listen_addr=tcp://127.0.0.1:"
                        + member.group + ";ist.recv_addr=127.0.0.1:" + member.transfer
                        + ";gcache.size=64M"));
        command.add("--user=" + RUNS_AS);
        return command;
    }

    private void awaitSynced(Member member) {
        await().atMost(PATIENCE).pollInterval(Duration.ofMillis(200)).until(() -> {
            if (!member.process.isAlive()) {
                throw new IllegalStateException("it ended: " + Files.readString(member.home.resolve("log")));
            }
            try (Connection connection = member.asRoot();
                    Statement sql = connection.createStatement();
                    ResultSet state = sql.executeQuery("show status like 'wsrep_local_state_comment'")) {
                return state.next() && state.getString(2).equals("Synced");
            } catch (SQLException notYet) {
                return false;
            }
        });
    }

    private void makeRoom(Member member) throws IOException, InterruptedException {
        Files.createDirectories(member.home);
        own(member);
    }

    private static void own(Member member) throws IOException, InterruptedException {
        run(List.of("chown", "-R", RUNS_AS, member.home.toString()), member.home);
    }

    private static void end(Member member) throws InterruptedException {
        member.process.destroy();
        member.process.waitFor();
    }

    private static void run(List<String> command, Path home) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("install.log").toFile())
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException(Files.readString(home.resolve("install.log")));
        }
    }

    private static int free() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        }
    }

    @Override
    public void close() {
        for (Member member : members) {
            if (member.process != null) {
                member.process.destroyForcibly().onExit().join();
            }
        }
        FileSystemUtils.deleteRecursively(home.toFile());
    }
}
