package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataIntegrityViolationException;

/** The database itself keeps the rule on doubled thresholds, whoever writes into it. */
@ExtendWith(WithApp.class)
class PriceRowConstraintTest {

    private static final String INSERT =
            "insert into price_row (id, product_id, variant_id, group_id, from_pieces, price, starts, ends) values (";

    private static int next = 500;

    @Test
    void twoUndatedRowsAtOneThresholdAreRefused(App app) {
        refused(app, "1, null, null, 10, 1, default, default");
        refused(app, "1, null, 1, 10, 1, default, default");
        refused(app, "1, 1, null, 10, 1, default, default");
        taken(app, "1, null, 2, 10, 1, default, default");
        taken(app, "1, 2, null, 10, 1, default, default");
    }

    @Test
    void datedRowsMayStandBesideUndatedOnesAndTouchButNotOverlap(App app) {
        taken(app, "1, null, null, 10, 1, '2027-01-01', '2027-02-01'");
        taken(app, "1, null, null, 10, 1, '2027-02-01', '2027-03-01'");
        refused(app, "1, null, null, 10, 1, '2027-01-15', '2027-01-20'");
        refused(app, "1, null, null, 10, 1, '2027-02-28', default");
        taken(app, "1, null, null, 10, 1, '2027-03-01', default");
    }

    @Test
    void impossibleValuesAreRefused(App app) {
        refused(app, "1, null, null, 0, 1, default, default");
        refused(app, "1, null, null, 1000001, 1, default, default");
        refused(app, "1, null, null, 11, -0.01, default, default");
        refused(app, "1, null, null, 11, 1, '2027-02-01', '2027-02-01'");
        refused(app, "99, null, null, 11, 1, default, default");
        refused(app, "13, 1, null, 11, 1, default, default");
    }

    private static void taken(App app, String values) {
        app.sql().sql(INSERT + next++ + ", " + values + ")").update();
    }

    private static void refused(App app, String values) {
        assertThatThrownBy(() -> taken(app, values))
                .as(values)
                .isInstanceOfAny(
                        DataIntegrityViolationException.class,
                        org.springframework.jdbc.UncategorizedSQLException.class);
    }
}
