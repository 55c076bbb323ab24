package dev.steelyard.bench;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/**
 * The pages of what was sold over 1,000,000 order lines, of which those measured two ways have a size of their own each, beside
 * the same pages over the orders it began with. The lines are copies of made-up orders, made in the database.
 */
public final class SoldBench {

    private static final int ORDERS = 250;
    private static final int LINES = 1_000_000;
    private static final int HEAP_MEGABYTES = 4_096;
    private static final int WARM = 30;
    private static final int MEASURED = 31;

    private SoldBench() {}

    public static void main(String[] arguments) throws Exception {
        String jar = arguments[0];
        List<String> paths;
        double[] few;
        Path home;
        long lines;
        try (BenchedApp app =
                BenchedApp.startWithHeap(jar, HEAP_MEGABYTES, "--demo", "--orders", Integer.toString(ORDERS))) {
            OwnersBrowser owner = new OwnersBrowser(app.url());
            String deal = owner.get("/deals").body().replaceAll("(?s).*?href=\"/deals/(\\d+)[\"/].*", "$1");
            paths = List.of(
                    "/sold?period=all",
                    "/sold?period=all&by=month",
                    "/sold?period=all&product=SHK",
                    "/sold?period=all&product=COVER",
                    "/sold?period=all&product=COVER&by=answer:length",
                    "/sold?period=all&product=COVER&by=size",
                    "/sold?period=all&deal=" + deal,
                    "/goods/1");
            few = medians(owner, paths);
            lines = copy(app);
            home = app.home();
        }
        try (BenchedApp app = BenchedApp.again(jar, HEAP_MEGABYTES, home)) {
            OwnersBrowser owner = new OwnersBrowser(app.url());
            long start = System.nanoTime();
            owner.get("/sold?period=all");
            System.out.printf("%,d lines read from the database: %.1f s%n", lines, (System.nanoTime() - start) / 1e9);
            double[] many = medians(owner, paths);
            for (int i = 0; i < many.length; i++) {
                System.out.printf(
                        "%-50s %6.0f ms, %.1f times that over %d orders%n",
                        paths.get(i), many[i], many[i] / few[i], ORDERS);
            }
        }
    }

    private static double[] medians(OwnersBrowser owner, List<String> paths) throws Exception {
        double[] medians = new double[paths.size()];
        for (int i = 0; i < medians.length; i++) {
            medians[i] = median(owner, paths.get(i));
        }
        return medians;
    }

    /** Milliseconds from the request to the whole page, the middle of many. */
    private static double median(OwnersBrowser owner, String path) throws Exception {
        double[] millis = new double[MEASURED];
        for (int i = -WARM; i < MEASURED; i++) {
            long start = System.nanoTime();
            owner.get(path);
            if (i >= 0) {
                millis[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(millis);
        return millis[MEASURED / 2];
    }

    /**
     * Copies all orders until there are enough lines; of copies that were measured two ways, each has another size. How many
     * lines there are then.
     */
    private static long copy(BenchedApp app) throws Exception {
        long had = Long.parseLong(app.ask("select count(*) from order_line"));
        long times = LINES / had;
        String next = "1000000000 + seq.seq * 1000000 + ";
        app.change("insert into shop_order (" + columns(app, "shop_order") + ") select "
                + columns(app, "shop_order")
                        .replace("`id`", next + "id")
                        .replace("`number`", "concat(number, '-', seq.seq)")
                        .replace("`kept_at`", "placed_at")
                        .replace("`checkout_key`", "concat(seq.seq, '-', id)")
                + " from shop_order join seq_1_to_" + times + " seq where id < 1000000000");
        app.change("insert into order_line (" + columns(app, "order_line") + ") select "
                + columns(app, "order_line")
                        .replace("`id`", next + "id")
                        .replace("`order_id`", next + "order_id")
                        .replace(
                                "`asked`",
                                "if(asked like '%\"length\"%\"width\"%', json_set(asked, '$.answers.length.text', cast(100 + (seq.seq * 7 + id) % 900 as"
                                        + " char), '$.answers.width.text', cast((1000 + (seq.seq * 13 + id) % 2400) / 10 as char)), asked)")
                + " from order_line join seq_1_to_" + times + " seq where id < 1000000000");
        return Long.parseLong(app.ask("select count(*) from order_line"));
    }

    private static String columns(BenchedApp app, String table) throws Exception {
        return app.ask(
                "select group_concat(concat('`', column_name, '`') order by ordinal_position) from information_schema.columns"
                        + " where table_schema = 'steelyard' and table_name = '" + table + "'");
    }
}
