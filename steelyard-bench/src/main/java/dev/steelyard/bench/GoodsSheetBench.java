package dev.steelyard.bench;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.Map;

/**
 * A goods sheet of 100,000 new products: read and checked into a preview, applied, taken back. Beside it, in the same run, a
 * bare JDBC batch insert of the same rows (products, their categories and tags) into the same database. The application has a heap of 512 MB.
 */
public final class GoodsSheetBench {

    private static final int ROWS = 100_000;
    private static final int HEAP_MEGABYTES = 512;
    private static final int BATCH = 1_000;

    private final BenchedApp app;
    private final OwnersBrowser owner;

    private GoodsSheetBench(BenchedApp app) throws Exception {
        this.app = app;
        this.owner = new OwnersBrowser(app.url());
    }

    public static void main(String[] arguments) throws Exception {
        try (BenchedApp app = BenchedApp.startWithHeap(arguments[0], HEAP_MEGABYTES, "--demo")) {
            new GoodsSheetBench(app).run();
        }
    }

    private void run() throws Exception {
        byte[] file = file();
        String page = timed(
                "read and checked into a preview",
                0,
                () -> awaited(
                        owner.upload("/sheets?of=GOODS", "goods.csv", file)
                                .uri()
                                .getPath(),
                        ""));
        double floor = bareInsert();
        timed("applied", floor, () -> {
            owner.post(page + "/apply", Map.of());
            return awaited(page, "applied");
        });
        owner.await(page, "");
        timed("taken back", floor, () -> {
            owner.post(page.replace("/goods/", "/") + "/undo", Map.of());
            return awaited(page, "undone");
        });
    }

    private interface Step {
        String go() throws Exception;
    }

    private String timed(String what, double floor, Step step) throws Exception {
        try (HeapWatch heap = new HeapWatch(app.pid())) {
            long start = System.nanoTime();
            String page = step.go();
            double seconds = (System.nanoTime() - start) / 1e9;
            String state = owner.get(page).body().replaceAll("(?s).*<span class=\"tag batch-([a-z]+).*", "$1");
            System.out.printf(
                    "%-32s %5.1f s, %,7.0f rows a second%s; heap at most %d MB; it is %s%n",
                    what,
                    seconds,
                    ROWS / seconds,
                    floor == 0
                            ? ""
                            : ", %.1f times a bare JDBC batch insert (%.1f s)".formatted(seconds / floor, floor),
                    heap.peak(),
                    state);
            return page;
        }
    }

    private String awaited(String page, String words) throws Exception {
        owner.await(page, words);
        return page;
    }

    private static byte[] file() {
        StringBuilder text = new StringBuilder(
                "sku,name,description,category,brand,type,supplier,tags,tax class,shelf price,unit cost\n");
        for (int i = 0; i < ROWS; i++) {
            text.append(
                    "GB-%06d,Fitting pattern %d,\"Made up for measuring, number %d.\",Fittings > Kind %d,Brand %d,Fitting,Own workshop,\"stainless, new\",Standard,%s,%s%n"
                            .formatted(
                                    i,
                                    i,
                                    i,
                                    i % 200,
                                    i % 50,
                                    BigDecimal.valueOf(150 + i % 9_000, 2),
                                    BigDecimal.valueOf(90 + i % 50, 2)));
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Seconds for as many products, into a table like that of products in the same database, in one transaction. */
    private double bareInsert() throws Exception {
        double seconds = 0;
        try (Connection connection = DriverManager.getConnection(app.databaseUrl(), "bench", "bench")) {
            connection.setAutoCommit(false);
            for (int round = 0; round < 2; round++) {
                try (var make = connection.createStatement()) {
                    make.execute("create or replace table bench_product like product");
                    make.execute("create or replace table bench_category like product_category");
                    make.execute("create or replace table bench_tag like product_tag");
                }
                long start = System.nanoTime();
                try (PreparedStatement insert = connection.prepareStatement(
                        "insert into bench_product (id, sku, name, description, drawing, tax_class_id, shelf_price, unit_cost,"
                                + " rows_over, changed_at, changed_by, version) values (?, ?, ?, ?, 'tray', 1, ?, ?, 'LINE',"
                                + " utc_timestamp(6), 'bench', 0)")) {
                    for (int i = 0; i < ROWS; i++) {
                        insert.setLong(1, i + 1);
                        insert.setString(2, "GB-%06d".formatted(i));
                        insert.setString(3, "Fitting pattern " + i);
                        insert.setString(4, "Made up for measuring, number " + i + ".");
                        insert.setBigDecimal(5, BigDecimal.valueOf(150 + i % 9_000, 2));
                        insert.setBigDecimal(6, BigDecimal.valueOf(90 + i % 50, 2));
                        insert.addBatch();
                        if (i % BATCH == BATCH - 1) {
                            insert.executeBatch();
                        }
                    }
                }
                parts(connection, "insert into bench_category (product_id, category_id) values (?, ?)", 1);
                parts(connection, "insert into bench_tag (product_id, tag) values (?, ?)", 2);
                connection.commit();
                seconds = (System.nanoTime() - start) / 1e9;
            }
        }
        return seconds;
    }

    private static void parts(Connection connection, String insert, int each) throws Exception {
        try (PreparedStatement to = connection.prepareStatement(insert)) {
            for (int i = 0; i < ROWS * each; i++) {
                to.setLong(1, 1 + i / each);
                to.setString(2, "" + (1 + i % 200));
                to.addBatch();
                if (i % BATCH == BATCH - 1) {
                    to.executeBatch();
                }
            }
        }
    }
}
