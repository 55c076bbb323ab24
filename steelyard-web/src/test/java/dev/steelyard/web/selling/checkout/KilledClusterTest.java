package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.testing.GaleraCluster;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.LaunchedApp;
import dev.steelyard.web.testing.Launches;
import dev.steelyard.web.testing.Shoppers;
import java.io.IOException;
import java.io.Reader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Two nodes on a cluster of three: members and nodes are killed and come back while shoppers check out and prices change. No order
 * is lost or doubled, all members hold the same, and both nodes price alike.
 */
@Launches
class KilledClusterTest {

    /** Times that a member and a node are killed each; one takes a minute or two. */
    private static final int ROUNDS = Integer.getInteger("cluster.rounds", 1);

    private static final String SHACKLES = "/counter/price?sku=SHK-8&sent=yes&quantity=10";

    /** Nothing hangs on it but when a fault is told. */
    private static final Duration PATIENCE = Duration.ofMinutes(2);

    @Test
    void nothingIsLostOrDoubledAndPricesAreEqual(@TempDir Path home) throws Exception {
        assumeThat(Files.exists(GaleraCluster.LIBRARY))
                .as("galera-4 is not installed; ./steelyard test --cluster installs it")
                .isTrue();
        try (GaleraCluster cluster = GaleraCluster.start();
                LaunchedApp one = node(home.resolve("one"), cluster);
                LaunchedApp other = node(home.resolve("other"), cluster)) {
            one.launch("--demo");
            other.launch();
            List<LaunchedApp> nodes = List.of(one, other);
            try (Shoppers shoppers = new Shoppers(4, one.url(), other.url())) {
                shoppers.awaitThanked(5);
                for (int round = 0; round < ROUNDS; round++) {
                    int member = round % GaleraCluster.MEMBERS;
                    cluster.kill(member);
                    shoppers.awaitThanked(3);
                    change(nodes, home.resolve("one"), round);
                    cluster.bringBack(member);
                    LaunchedApp node = nodes.get(round % nodes.size());
                    node.kill();
                    shoppers.awaitThanked(3);
                    node.launch(node == one ? new String[] {"--demo"} : new String[0]);
                    shoppers.awaitThanked(3);
                }
                shoppers.stop();
                List<String> orders = new ArrayList<>();
                for (int member = 0; member < GaleraCluster.MEMBERS; member++) {
                    try (Connection connection = cluster.connect(member);
                            Statement sql = connection.createStatement()) {
                        shoppers.look(sql);
                        orders.add(
                                one(
                                        sql,
                                        "select group_concat(number, ' ', total, ' ', placed_at order by number) from shop_order"));
                    }
                }
                assertThat(orders.get(1)).isEqualTo(orders.get(0));
                assertThat(orders.get(2)).isEqualTo(orders.get(0));
            }
        }
    }

    /** Another price by one node is soon the price of both. */
    private static void change(List<LaunchedApp> nodes, Path shop, int round) {
        int cents = 500 + round;
        String body = "{\"prices\": [{\"sku\": \"SHK-8\", \"rows\": [{\"from\": 10, \"price\": \"5.%02d\"}]}]}"
                .formatted(round);
        LaunchedApp by = nodes.get(round % nodes.size());
        await().atMost(PATIENCE).ignoreExceptions().until(() -> {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(by.url() + "/api/v1/price-rows"))
                                    .header("Authorization", "Bearer " + key(shop))
                                    .header("Content-Type", "application/json")
                                    .PUT(HttpRequest.BodyPublishers.ofString(body))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            return answer.statusCode() == 200 && answer.body().contains("\"refused\":0");
        });
        String total = "id=\"total\">%d.%02d<".formatted(cents / 10, cents % 10 * 10);
        nodes.forEach(node -> await().atMost(PATIENCE)
                .ignoreExceptions()
                .until(() -> new Http(node.url()).get(SHACKLES).body().contains(total)));
    }

    private static String key(Path shop) throws IOException {
        Properties kept = new Properties();
        try (Reader in = Files.newBufferedReader(shop.resolve("neighbour.properties"))) {
            kept.load(in);
        }
        return kept.getProperty("serverKey");
    }

    private static LaunchedApp node(Path home, GaleraCluster cluster) throws IOException {
        Files.createDirectories(home);
        Path settings = Files.createFile(
                home.resolve("steelyard.properties"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(
                settings,
                "db-url=" + cluster.url() + "\ndb-user=" + GaleraCluster.USER + "\ndb-password="
                        + GaleraCluster.PASSWORD + "\n");
        return new LaunchedApp(home, "steelyard.payments.ask-after=2s", "steelyard.payments.patience=2s");
    }

    private static String one(Statement sql, String query) throws SQLException {
        sql.execute("set session group_concat_max_len = 1000000");
        try (ResultSet found = sql.executeQuery(query)) {
            found.next();
            return found.getString(1);
        }
    }
}
