package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.start.demo.MadeUpGoods;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.OptimisticLockingFailureException;

@ExtendWith(WithApp.class)
class GoodsStoreTest {

    private static final long BRUSH = 13;
    private static final LocalDate DAY = LocalDate.of(2027, 4, 15);

    @Test
    void savedRowsComeBackAsTheyWere(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        List<Break> rows = List.of(
                Break.everyone(6, new BigDecimal("13.00")),
                new Break(6, new BigDecimal("12.5"), "Sailing school", Validity.ALWAYS),
                new Break(6, new BigDecimal("12"), null, new Validity(DAY, null)),
                new Break(20, new BigDecimal("0.000001"), null, new Validity(null, DAY)));
        assertThat(goods.save(edit(goods, rows), "Maren")).get().isInstanceOf(EditResult.Saved.class);

        GoodsEntry entry = goods.find(BRUSH).orElseThrow();
        assertThat(entry.product().ownRows().breaks())
                .usingRecursiveFieldByFieldElementComparator(
                        org.assertj.core.api.recursive.comparison.RecursiveComparisonConfiguration.builder()
                                .withComparatorForType(BigDecimal::compareTo, BigDecimal.class)
                                .build())
                .containsExactlyInAnyOrderElementsOf(rows);
        assertThat(entry.changedBy()).isEqualTo("Maren");
    }

    @Test
    void savingTheSameRowsAgainIsNoDoubledThreshold(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        List<Break> rows = goods.find(BRUSH).orElseThrow().product().ownRows().breaks();
        assertThat(goods.save(edit(goods, rows), "Maren")).get().isInstanceOf(EditResult.Saved.class);
        assertThat(goods.save(edit(goods, rows), "Maren")).get().isInstanceOf(EditResult.Saved.class);
    }

    @Test
    void anEditOfAnOldVersionWritesNothing(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        PriceEdit marens = edit(goods, List.of(Break.everyone(5, new BigDecimal("14"))));
        PriceEdit jonas = edit(goods, List.of(Break.everyone(7, new BigDecimal("11"))));
        goods.save(jonas, "Jonas");
        EditResult result = goods.save(marens, "Maren").orElseThrow();
        assertThat(result).isInstanceOfSatisfying(EditResult.ChangedMeanwhile.class, changed -> assertThat(
                        changed.entry().changedBy())
                .isEqualTo("Jonas"));
        assertThat(goods.find(BRUSH).orElseThrow().product().ownRows().breaks())
                .extracting(Break::pieces)
                .containsExactly(7);
    }

    @Test
    void ofManyWhoSaveAtOnceJustOneIsSaved(App app) throws Exception {
        GoodsStore goods = app.bean(GoodsStore.class);
        PriceEdit edit = edit(goods, List.of(Break.everyone(5, new BigDecimal("14"))));
        Callable<Boolean> save = () -> {
            try {
                return goods.save(edit, "Maren").orElseThrow() instanceof EditResult.Saved;
            } catch (OptimisticLockingFailureException slower) {
                return false;
            }
        };
        ExecutorService many = Executors.newFixedThreadPool(6);
        long saved = 0;
        for (Future<Boolean> one : many.invokeAll(java.util.Collections.nCopies(6, save))) {
            saved += one.get() ? 1 : 0;
        }
        many.shutdown();
        assertThat(saved).isEqualTo(1);
    }

    @Test
    void aSaveRaisesTheRevisionAndTheNextBookHasIt(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        Books books = app.bean(Books.class);
        BookInForce before = books.inForce();
        goods.save(edit(goods, List.of(Break.everyone(2, new BigDecimal("10")))), "Maren");
        assertThat(app.bean(Shops.class).revision()).isEqualTo(before.revision() + 1);

        BookInForce after = books.refresh();
        assertThat(total(after)).isEqualTo("20.00");
        assertThat(total(before)).isEqualTo("24.00");
    }

    @Test
    void removedGoodsAreSoldNoMoreUntilTheyArePutBack(App app) {
        GoodsStore goods = app.bean(GoodsStore.class);
        Books books = app.bean(Books.class);
        goods.remove(BRUSH, "Maren");
        assertThat(books.refresh().book().item(new Sku("BRU-1"))).isNull();
        goods.putBack(BRUSH, "Maren");
        assertThat(books.refresh().book().item(new Sku("BRU-1"))).isNotNull();
    }

    private static PriceEdit edit(GoodsStore goods, List<Break> rows) {
        long version = goods.find(BRUSH).orElseThrow().version();
        return new PriceEdit(BRUSH, null, version, new BigDecimal("15"), Over.LINE, rows);
    }

    private static String total(BookInForce book) {
        return ((PricedLine) book.book()
                        .price(
                                List.of(new OrderLine(new Sku("BRU-1"), 2)),
                                Customer.EVERYONE,
                                DAY.atStartOfDay(ZoneOffset.UTC))
                        .get(0))
                .total()
                .toString();
    }

    @Test
    void aShopIsFilledWithMadeUpGoodsToSoMany(App app) {
        MadeUpGoods goods = app.bean(MadeUpGoods.class);
        assertThat(goods.fillTo(1500)).isEqualTo(1487);
        assertThat(goods.fillTo(1500)).isZero();
        assertThat(goods.fillTo(1600)).isEqualTo(100);
        BookInForce book = app.bean(Books.class).refresh();
        assertThat(book.goods()).hasSize(1600);
        assertThat(app.sql()
                        .sql("select count(*) from price_row where product_id > 1000")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1587 * 3);
        assertThat(book.book().item(new Sku("MK-001587"))).isNotNull();
    }
}
