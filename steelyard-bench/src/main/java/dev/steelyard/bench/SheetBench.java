package dev.steelyard.bench;

import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableHead;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.TableRow;
import dev.steelyard.format.table.TableWriter;
import dev.steelyard.format.table.Tables;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A sheet of 100,000 rows in a shop of 100,000 goods: read and checked into a preview, applied, seen by shoppers; and the
 * list of goods at 1,000 and at 100,000. Each beside its floor in the same run: reading the bare table, a bare JDBC batch
 * insert of the same rows into the same database. The application has a heap of 512 MB.
 */
public final class SheetBench {

    private static final int ROWS = 100_000;
    private static final int HEAP_MEGABYTES = 512;
    private static final int BATCH = 1_000;
    private static final int PAGE_WARM = 150;
    private static final int PAGE_MEASURED = 150;

    private final BenchedApp app;
    private final OwnersBrowser owner;

    private SheetBench(BenchedApp app) throws IOException, InterruptedException {
        this.app = app;
        this.owner = new OwnersBrowser(app.url());
    }

    public static void main(String[] arguments) throws Exception {
        double[] small;
        try (BenchedApp app = BenchedApp.startWithHeap(arguments[0], HEAP_MEGABYTES, "--demo", "--goods", "1000")) {
            small = new SheetBench(app).pages("1,000 goods", new double[0]);
        }
        try (BenchedApp app = BenchedApp.startWithHeap(arguments[0], HEAP_MEGABYTES, "--demo", "--goods", "100000")) {
            SheetBench bench = new SheetBench(app);
            bench.pages("100,000 goods", small);
            bench.sheets();
        }
    }

    /** Median times of the first page, a late page and a search, beside those of a smaller shop. */
    private double[] pages(String size, double[] beside) throws Exception {
        String later = "/goods?rowsOnly=true&sort=name&after=1:fitting%205";
        String[] names = {"first page of goods", "a page from the middle", "find as one types"};
        String[] paths = {"/goods", later, "/goods?rowsOnly=true&find=pattern+9"};
        double[] medians = new double[names.length];
        for (int i = 0; i < names.length; i++) {
            double[] millis = new double[PAGE_MEASURED];
            for (int k = -PAGE_WARM; k < PAGE_MEASURED; k++) {
                long start = System.nanoTime();
                owner.get(i == 2 ? paths[i] + (10 + Math.abs(k) % 90) : paths[i]);
                if (k >= 0) {
                    millis[k] = (System.nanoTime() - start) / 1e6;
                }
            }
            Arrays.sort(millis);
            medians[i] = millis[PAGE_MEASURED / 2];
            System.out.printf(
                    "%-28s %-14s %7.1f ms, p95 %7.1f ms%s%n",
                    names[i],
                    size,
                    medians[i],
                    millis[PAGE_MEASURED * 95 / 100],
                    beside.length == 0 ? "" : "   %.2f times that at 1,000".formatted(medians[i] / beside[i]));
        }
        return medians;
    }

    private void sheets() throws Exception {
        List<List<String>> rows = rows();
        Map<TableKind, byte[]> files = Map.of(
                TableKind.CSV, file(TableKind.CSV, rows, "1.01"),
                TableKind.XLSX, file(TableKind.XLSX, rows, "1.02"),
                TableKind.ODS, file(TableKind.ODS, rows, "1.03"));
        for (TableKind kind : List.of(TableKind.CSV, TableKind.XLSX, TableKind.ODS)) {
            byte[] file = Objects.requireNonNull(files.get(kind));
            double floor = bare(file);
            long start = System.nanoTime();
            String page;
            double seconds;
            try (HeapWatch heap = new HeapWatch(app.pid())) {
                page = owner.upload("/sheets", "prices." + kind.ending(), file)
                        .uri()
                        .getPath();
                owner.await(page, "");
                seconds = (System.nanoTime() - start) / 1e9;
                System.out.printf(
                        "%-5s %,9d bytes  read and checked into a preview: %5.1f s, %,7.0f rows a second, %4.1f times the bare"
                                + " table (%.1f s); heap at most %d MB%n",
                        kind, file.length, seconds, ROWS / seconds, seconds / floor, floor, heap.peak());
            }
            if (kind == TableKind.CSV) {
                apply(page, rows.get(0).get(0));
            }
        }
    }

    /** Applies while shoppers ask for prices, and says how long it took, how long they waited, when they saw it. */
    private void apply(String page, String sku) throws Exception {
        double floor = bareInsert();
        AtomicBoolean over = new AtomicBoolean();
        AtomicLong longest = new AtomicLong();
        AtomicLong asked = new AtomicLong();
        String before = owner.get("/counter/price?sku=" + sku + "&quantity=10").body();
        AtomicLong seen = new AtomicLong();
        Thread shopper = new Thread(() -> {
            while (!over.get()) {
                long start = System.nanoTime();
                try {
                    String now = owner.get("/counter/price?sku=" + sku + "&quantity=10")
                            .body();
                    if (seen.get() == 0 && !price(now).equals(price(before))) {
                        seen.set(System.nanoTime());
                    }
                } catch (IOException | InterruptedException failed) {
                    throw new IllegalStateException(failed);
                }
                longest.accumulateAndGet(System.nanoTime() - start, Math::max);
                asked.incrementAndGet();
            }
        });
        shopper.start();
        long start = System.nanoTime();
        try (HeapWatch heap = new HeapWatch(app.pid())) {
            owner.post(page + "/apply", Map.of());
            owner.await(page, "applied");
            long end = System.nanoTime();
            owner.await(page, "");
            while (seen.get() == 0 && System.nanoTime() - end < 30_000_000_000L) {
                Thread.sleep(20);
            }
            over.set(true);
            shopper.join();
            double seconds = (end - start) / 1e9;
            System.out.printf(
                    "applied: %.1f s, %,.0f rows a second, %.1f times a bare JDBC batch insert of the"
                            + " same rows (%.1f s); heap at most %d MB%n",
                    seconds, ROWS / seconds, seconds / floor, floor, heap.peak());
            System.out.printf(
                    "shoppers see it %.1f s after it was applied; meanwhile %,d prices were answered, the slowest in %.0f ms%n",
                    (seen.get() - end) / 1e9, asked.get(), longest.get() / 1e6);
        }
    }

    private static String price(String page) {
        int at = page.indexOf("id=\"total\"");
        return page.substring(at, Math.min(page.length(), at + 60));
    }

    /** Price rows as they are taken out: SKU, threshold, price, key. */
    private List<List<String>> rows() throws Exception {
        Path file = Files.createTempFile("out", ".csv");
        Files.write(file, owner.bytes("/sheets/out?kind=CSV&everyone=true"));
        List<List<String>> rows = new ArrayList<>();
        Tables.read(file, TableLimits.USUAL, row -> {
            if (row.cell(3).shown().equals("row") && row.cell(0).shown().startsWith("MK-") && rows.size() < ROWS) {
                rows.add(List.of(
                        row.cell(0).shown(),
                        row.cell(4).shown(),
                        row.cell(6).shown(),
                        row.cell(10).shown()));
            }
        });
        Files.delete(file);
        return rows;
    }

    private static byte[] file(TableKind kind, List<List<String>> rows, String times) throws IOException {
        TableHead head = new TableHead(
                List.of(
                        new TableHead.Column("sku", 12, 0),
                        new TableHead.Column("what", 8, 0),
                        new TableHead.Column("from", 8, 0),
                        new TableHead.Column("price", 10, 2),
                        new TableHead.Column("key", 20, 0)),
                List.of());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (TableWriter table = Tables.write(kind, out, head, CsvForm.POINT)) {
            for (List<String> row : rows) {
                BigDecimal price = new BigDecimal(row.get(2))
                        .multiply(new BigDecimal(times))
                        .setScale(2, RoundingMode.HALF_UP)
                        .add(new BigDecimal("0.01"));
                // only the first file keeps its keys: after it is applied they are of prices that were
                table.row(List.of(
                        Cell.text(row.get(0)),
                        Cell.text("row"),
                        new Cell.Figure(new BigDecimal(row.get(1))),
                        new Cell.Figure(price),
                        kind == TableKind.CSV ? Cell.text(row.get(3)) : Cell.EMPTY));
            }
        }
        return out.toByteArray();
    }

    /** Seconds to read the rows of a file and do nothing with them. */
    private static double bare(byte[] bytes) throws Exception {
        Path file = Files.write(Files.createTempFile("bare", ".part"), bytes);
        double seconds = 0;
        for (int i = 0; i < 2; i++) {
            long start = System.nanoTime();
            List<TableRow> last = new ArrayList<>(List.of());
            Tables.read(file, TableLimits.USUAL, row -> {
                last.clear();
                last.add(row);
            });
            seconds = (System.nanoTime() - start) / 1e9;
        }
        Files.delete(file);
        return seconds;
    }

    /** Seconds for as many rows, into a table like that of price rows in the same database, in one transaction. */
    private double bareInsert() throws Exception {
        double seconds = 0;
        try (Connection connection = DriverManager.getConnection(app.databaseUrl(), "bench", "bench")) {
            connection.setAutoCommit(false);
            for (int round = 0; round < 2; round++) {
                try (var make = connection.createStatement()) {
                    make.execute("create or replace table bench_row like price_row");
                }
                long start = System.nanoTime();
                try (PreparedStatement insert = connection.prepareStatement(
                        "insert into bench_row (id, product_id, from_pieces, price) values (?, ?, ?, ?)")) {
                    for (int i = 0; i < ROWS; i++) {
                        insert.setLong(1, i + 1);
                        insert.setLong(2, 1 + i / 3);
                        insert.setInt(3, 10 * (1 + i % 3));
                        insert.setBigDecimal(4, BigDecimal.valueOf(100 + i, 2));
                        insert.addBatch();
                        if (i % BATCH == BATCH - 1) {
                            insert.executeBatch();
                        }
                    }
                    insert.executeBatch();
                }
                connection.commit();
                seconds = (System.nanoTime() - start) / 1e9;
            }
        }
        return seconds;
    }
}
