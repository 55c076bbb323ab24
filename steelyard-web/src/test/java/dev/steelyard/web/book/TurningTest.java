package dev.steelyard.web.book;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.ToldUntil;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.DemoSpring;
import dev.steelyard.web.testing.HandClock;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** Prices that change by themselves are told to stores as those that somebody changed. */
@ExtendWith(WithApp.class)
class TurningTest {

    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
    private static final Duration SECOND = Duration.ofSeconds(1);

    /** When the demo's planned version of the antifouling begins; long after what the application itself looks at. */
    private static final Instant SPRING =
            LocalDate.of(DemoSpring.YEAR, 3, 1).atStartOfDay(BERLIN).toInstant();

    private App app;
    private HandClock clock;
    private Turning turning;

    @BeforeEach
    void follow(App app) {
        this.app = app;
        clock = new HandClock();
        turning = node();
        moveTo(SPRING.minus(SECOND));
    }

    private Turning node() {
        return new Turning(
                app.bean(Books.class),
                app.bean(Shops.class),
                app.bean(ChangedGoods.class),
                app.bean(ToldUntil.class),
                app.bean(TransactionTemplate.class),
                clock);
    }

    /** As if everything until then had been told. */
    private void moveTo(Instant moment) {
        clock.forward(Duration.between(clock.instant(), moment));
        app.bean(TransactionTemplate.class)
                .executeWithoutResult(status -> app.bean(ToldUntil.class).set(moment));
        app.bean(Books.class).refresh();
    }

    private long revision() {
        return app.bean(Shops.class).revision();
    }

    private JsonNode changes(long since) {
        return MadeKeys.calls(app).get("/api/v1/changes?after=" + since).json();
    }

    @Test
    void aPlannedVersionIsToldWhenItBeginsAndNamesWhatItCovers() {
        long before = revision();
        turning.look();
        assertThat(revision()).isEqualTo(before);

        clock.forward(SECOND);
        turning.look();

        JsonNode changes = changes(before);
        assertThat(changes.path("revision").asLong()).isEqualTo(before + 1);
        assertThat(changes.path("many").asBoolean()).isFalse();
        assertThat(changes.path("skus").toString()).isEqualTo("[\"PAINT\"]");
        assertThat(app.bean(Books.class).inForce().revision()).isEqualTo(before + 1);
        clock.forward(SECOND);
        turning.look();
        assertThat(revision()).isEqualTo(before + 1);
    }

    @Test
    void aDatedPriceIsToldOnItsFirstDayAndAfterItsLast() {
        LocalDate first = LocalDate.of(DemoSpring.YEAR, 3, 10);
        app.sql()
                .sql(
                        "insert into price_row (id, product_id, from_pieces, price, starts, ends) select 999, id, 1, 12.00, ?, ?"
                                + " from product where sku = 'BRU-1'")
                .params(first, first.plusDays(8))
                .update();
        changed("sku = 'BRU-1'");
        moveTo(first.atStartOfDay(BERLIN).toInstant().minus(SECOND));
        long before = revision();
        turning.look();
        clock.forward(SECOND);
        turning.look();
        assertThat(changes(before).path("skus").toString()).isEqualTo("[\"BRU-1\"]");

        clock.forward(Duration.ofDays(7)); // its last day
        turning.look();
        assertThat(revision()).isEqualTo(before + 1);
        clock.forward(Duration.ofDays(1));
        turning.look();
        assertThat(changes(before + 1).path("skus").toString()).isEqualTo("[\"BRU-1\"]");
    }

    /** Nothing ran from a month before to a month after; then two nodes begin. */
    @Test
    void whatTurnedWhileNothingRanIsToldOnceByWhoeverIsFirst() {
        moveTo(SPRING.minus(Duration.ofDays(30)));
        clock.forward(Duration.ofDays(60));
        long before = revision();
        Turning other = node();

        turning.look();
        other.look();
        node().look(); // begun later

        assertThat(revision()).isEqualTo(before + 1);
    }

    @Test
    void bothNodesHaveSeenItComeAndOneTells() {
        Turning other = node();
        turning.look();
        other.look();
        long before = revision();
        clock.forward(SECOND);

        turning.look();
        other.look();

        assertThat(revision()).isEqualTo(before + 1);
    }

    @Test
    void whereMoreThanAThousandTurnAnythingMayHaveChanged() {
        app.sql()
                .sql(
                        "insert into product (id, sku, name, description, drawing, type, supplier, tax_class_id, shelf_price, rows_over,"
                                + " changed_at, changed_by, version, revision) select 100000 + seq, concat('EYE-', seq), 'Eye', '', drawing,"
                                + " type, supplier, tax_class_id, 1.00, 'LINE', utc_timestamp(), 'Maren', 0, 0"
                                + " from product join seq_1_to_1001 where sku = 'BRU-1'")
                .update();
        app.sql()
                .sql("insert into price_row (id, product_id, from_pieces, price, starts, ends)"
                        + " select id, id, 1, 0.90, ?, '9999-12-31' from product where sku like 'EYE-%'")
                .param(LocalDate.of(DemoSpring.YEAR, 3, 10))
                .update();
        changed("sku like 'EYE-%'");
        moveTo(LocalDate.of(DemoSpring.YEAR, 3, 9).atStartOfDay(BERLIN).toInstant());
        turning.look();
        long before = revision();
        clock.forward(Duration.ofDays(1));

        turning.look();

        assertThat(changes(before).path("revision").asLong()).isEqualTo(before + 1);
        assertThat(changes(before).path("many").asBoolean()).isTrue();
    }

    private void changed(String goods) {
        app.bean(TransactionTemplate.class)
                .executeWithoutResult(status -> app.bean(ChangedGoods.class).seen(goods));
    }
}
