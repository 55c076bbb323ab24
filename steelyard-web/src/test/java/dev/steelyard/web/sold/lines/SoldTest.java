package dev.steelyard.web.sold.lines;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.start.demo.DemoOrders;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What was sold beside the same sums of the database. */
@ExtendWith(WithApp.class)
class SoldTest {

    private static final int ORDERS = 200;

    private static BigDecimal sum(App app, String of) {
        return app.sql()
                .sql("select coalesce(sum(" + of + "), 0) from order_line l join shop_order o on o.id = l.order_id")
                .query(BigDecimal.class)
                .single();
    }

    @Test
    void figuresAreTheSumsOfAllLinesHoweverTheyAreToldApart(App app) {
        assertThat(app.bean(DemoOrders.class).fill(ORDERS)).isEqualTo(ORDERS);
        Sold sold = app.bean(Sales.class).sold();

        SoldFigures all = sold.figures(Which.ALL);

        assertThat(all.orders()).isEqualTo(ORDERS);
        assertThat(all.pieces()).isEqualTo(sum(app, "quantity").longValueExact());
        assertThat(all.turnover()).isEqualByComparingTo(sum(app, "after_deals"));
        assertThat(all.reduced()).isEqualByComparingTo(sum(app, "reduced + l.total - after_deals"));
        assertThat(all.cost()).isEqualByComparingTo(sum(app, "cost"));
        assertThat(all.known()).isEqualByComparingTo(sum(app, "if(cost is null, 0, after_deals - l.tax)"));
        Stream.concat(
                        Stream.of(By.What.values())
                                .filter(what -> what != By.What.ANSWER)
                                .map(By::of),
                        Stream.of(By.answer("hem"), By.answer("length")))
                .forEach(by -> {
                    List<PartSold> parts = sold.by(Which.ALL, by);
                    assertThat(parts.stream()
                                    .map(part -> part.figures().turnover())
                                    .reduce(BigDecimal.ZERO, BigDecimal::add))
                            .as(by.toString())
                            .isEqualByComparingTo(all.turnover());
                    assertThat(parts.stream()
                                    .mapToLong(part -> part.figures().pieces())
                                    .sum())
                            .isEqualTo(all.pieces());
                });
    }

    @Test
    void aStretchOfDaysAGroupAndAPlaceNarrowIt(App app) {
        app.bean(DemoOrders.class).fill(ORDERS);
        Sold sold = app.bean(Sales.class).sold();
        LocalDate from = LocalDate.now().minusMonths(8);

        long club = sold.figures(new Which(Which.Of.ALL, "Crew club", Which.Where.ANYWHERE, from, null))
                .orders();
        long store = sold.figures(Which.ALL.at(Which.Where.STORE)).orders();

        assertThat(club)
                .isPositive()
                .isEqualTo(app.sql()
                        .sql("select count(*) from shop_order where priced_for = 'Crew club' and placed_at >= ?")
                        .param(from.atStartOfDay(ZoneId.of("Europe/Berlin"))
                                .toInstant()
                                .atOffset(ZoneOffset.UTC)
                                .toLocalDateTime())
                        .query(Long.class)
                        .single());
        assertThat(store).isEqualTo(ORDERS / 5);
        assertThat(sold.figures(new Which(Which.Of.ALL, "Nobody", Which.Where.ANYWHERE, null, null))
                        .orders())
                .isZero();
    }

    @Test
    void ordersStoodWhereTheirPiecesAndAmountsAre(App app) {
        app.bean(DemoOrders.class).fill(ORDERS);
        Sold sold = app.bean(Sales.class).sold();
        Which shackles = Which.ALL.of(Which.Of.product("SHK"));

        Stood whole = sold.stood(shackles, new Counted(Counted.What.PIECES, Over.PRODUCT, null, null));
        Stood lines = sold.stood(shackles, new Counted(Counted.What.PIECES, Over.LINE, null, null));
        Stood rope = sold.stood(
                Which.ALL.of(Which.Of.product("ROPE-12")), new Counted(Counted.What.AMOUNT, Over.LINE, Unit.M, null));

        assertThat(whole.all()).isEqualTo(sold.figures(shackles).orders());
        assertThat(lines.all()).isEqualTo(sold.figures(shackles).lines());
        assertThat(lines.between(new BigDecimal("10"), new BigDecimal("11")))
                .isEqualTo(app.sql()
                        .sql("select count(*) from order_line where sku like 'SHK-%' and quantity = 10")
                        .query(Long.class)
                        .single());
        assertThat(rope.between(new BigDecimal("18.5"), new BigDecimal("18.6")))
                .isPositive()
                .isEqualTo(app.sql()
                        .sql("select count(*) from order_line where sku = 'ROPE-12' and amount = 18.5")
                        .query(Long.class)
                        .single());
    }

    /** What one typed in metres stands beside what others typed in the measurement's own centimetres. */
    @Test
    void sizesAreOfAllThatWasMeasuredInWhateverUnit(App app) {
        app.bean(DemoOrders.class).fill(ORDERS);
        app.sql()
                .sql(
                        "update order_line set asked = json_set(asked, '$.answers.length.text', '5.23', '$.answers.length.unit', 'm',"
                                + " '$.answers.width.text', '2.115') where sku = 'COVER' limit 1")
                .update();
        app.bean(Sales.class).forget();
        Sold sold = app.bean(Sales.class).sold();

        SizesSold sizes = sold.sizes(
                Which.ALL.of(Which.Of.product("COVER")),
                new Sold.Measured("length", Unit.CM),
                new Sold.Measured("width", Unit.M));

        assertThat(IntStream.of(sizes.lines()).sum())
                .isPositive()
                .isEqualTo(app.sql()
                        .sql("select count(*) from order_line where sku = 'COVER'")
                        .query(Integer.class)
                        .single());
        assertThat(IntStream.range(0, sizes.lines().length).mapToObj(i -> sizes.across()[i] + " by " + sizes.down()[i]))
                .contains("523000000 by 2115000");
    }

    @Test
    void anOrderIsToldOfOnceItIsPlacedAndOnlyOnce(App app, Http shopper) {
        assertThat(app.bean(Sales.class).sold().isEmpty()).isTrue();
        shopper.get("/counter/goods/SHK-8");
        shopper.post("/counter/basket/add", "sku", "SHK-8", "quantity", "12");
        Buying.pay(shopper, shopper.get("/counter/checkout"));

        for (int again = 0; again < 3; again++) {
            SoldFigures figures = app.bean(Sales.class).sold().figures(Which.ALL);
            assertThat(figures.orders()).isEqualTo(1);
            assertThat(figures.turnover()).isEqualByComparingTo("82.80");
            assertThat(figures.reduced()).isEqualByComparingTo("6.00");
            assertThat(figures.cost()).isEqualByComparingTo("49.80");
        }
    }

    @Test
    void marginsAreForThoseWhoMayDraft(App app, Http maren) {
        app.bean(DemoOrders.class).fill(ORDERS);
        maren.signIn("maren");
        assertThat(maren.get("/sold").text()).contains("Margin").contains("Bow shackle");
        assertThat(maren.get("/sold.csv?by=product").body()).contains("margin %");

        app.sql().sql("update staff set rights = '' where sign_in = 'maren'").update();
        assertThat(maren.get("/sold").text()).contains("Turnover").doesNotContain("Margin");
        assertThat(maren.get("/sold.csv?by=product").body())
                .contains("turnover")
                .doesNotContain("margin")
                .doesNotContain("cost");
    }

    @Test
    void whatCannotBeReadIsSaidAndNarrowsNothing(App app, Http maren) {
        app.bean(DemoOrders.class).fill(ORDERS);
        maren.signIn("maren");

        assertThat(maren.get("/sold?period=own&from=2026-13-01&by=colour&card=x&where=moon")
                        .text())
                .contains("“2026-13-01” is no day")
                .contains("Nothing is told apart by “colour”")
                .contains("“x” is no number of a card")
                .contains("“moon” is none of anywhere, counter and store");
        assertThat(maren.get("/sold?product=NOT-THERE").text()).contains("Nothing of this was sold in these days");
    }

    @Test
    void withoutOrdersItIsSaidSo(Http maren) {
        maren.signIn("maren");
        assertThat(maren.get("/sold").text()).contains("Nothing has been sold yet");
        assertThat(maren.get("/goods/1").text()).contains("Nothing of this was sold in the last twelve months");
    }
}
