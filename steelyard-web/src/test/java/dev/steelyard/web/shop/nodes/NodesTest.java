package dev.steelyard.web.shop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Who keeps the shop sees where it runs, and what is odd about it. */
@ExtendWith(WithApp.class)
class NodesTest {

    @Test
    void eachTellsOfItselfAndOneThatIsGoneIsSaidToBe(App app, Http owner) {
        app.bean(NodesTold.class).beat();
        owner.signIn("maren");
        assertThat(owner.get("/shop/nodes").text())
                .contains(app.bean(NodesTold.class).own())
                .contains("this one, since")
                .contains("just now")
                .contains("as the database’s");
        assertThat(owner.get("/today").text()).doesNotContain("Nodes of different versions");
        another(app, "mast:8080", "0.0.9", 61_000, 0);
        assertThat(owner.get("/today").text())
                .contains("Nodes of different versions run: 0.0.9 and unbuilt")
                .contains("The clock of the node mast:8080 is 61 s ahead of the database’s");
        assertThat(owner.get("/shop/nodes").text()).contains("1 are the newest".replace("1", revision(app)));
        another(app, "mast:8080", "0.0.9", -3_000, 180);
        assertThat(owner.get("/shop/nodes").text()).contains("3 min ago").contains("3 s behind the database’s");
        assertThat(owner.get("/today").text()).doesNotContain("mast:8080").doesNotContain("different versions");
        another(app, "mast:8080", "0.0.9", 0, 90_000);
        app.bean(NodesTold.class).beat();
        assertThat(owner.get("/shop/nodes").text()).doesNotContain("mast:8080");
    }

    @Test
    void onlyWhoKeepsTheShopSeesThem(App app, Http reader) {
        app.sql()
                .sql("update staff set rights = 'LOOK' where sign_in = 'jonas'")
                .update();
        reader.signIn("jonas");
        assertThat(reader.get("/shop/nodes").status()).isEqualTo(403);
    }

    private static String revision(App app) {
        return app.sql().sql("select revision from shop").query(String.class).single();
    }

    private static void another(App app, String id, String version, long ahead, int secondsAgo) {
        app.sql()
                .sql("replace into node (id, version, revision, started_at, seen_at, stored_at, clock_ahead) values"
                        + " (?, ?, 0, utc_timestamp(6), utc_timestamp(6) - interval ? second, 'mast:3306', ?)")
                .params(id, version, secondsAgo, ahead)
                .update();
    }
}
