package dev.steelyard.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What a shop of 10,000, 100,000 and 1,000,000 goods with three price rows each costs: its start, its heap, one changed price,
 * lists, a live price. The middle of many, asked one after the other from the same machine.
 */
public final class SizeBench {

    private static final int[] SIZES = {10_000, 100_000, 1_000_000};
    private static final int HEAP_MEGABYTES = 6_000;
    private static final int WARM = 100;
    private static final int MEASURED = 51;
    private static final int WARM_PRICES = 30_000;
    private static final int PRICES = 10_001;
    private static final int WARM_CHANGES = 40;
    private static final int CHANGES = 21;
    private static final int MOST_ASKED = 100_000;
    private static final int STEP = 7_919; // a prime, so that goods from everywhere are asked for
    private static final Pattern USED = Pattern.compile("used (\\d+)K");
    private static final Pattern LINE = Pattern.compile("\"line\":\"([^\"]+)\"");

    private final String jar;
    private final int goods;

    private SizeBench(String jar, int goods) {
        this.jar = jar;
        this.goods = goods;
    }

    /** Something that is done again and again. */
    private interface Doing {
        void once(int time) throws IOException, InterruptedException;
    }

    public static void main(String[] arguments) throws Exception {
        System.out.printf("the middle of many, ms; heap at most %,d MB%n", HEAP_MEGABYTES);
        System.out.printf(
                "%-11s %9s %9s %9s %9s %9s %9s %9s %9s %9s%n",
                "goods", "start s", "B a good", "change", "list", "by price", "brand", "last", "find", "price");
        int[] sizes = arguments.length > 1
                ? Arrays.stream(arguments, 1, arguments.length)
                        .mapToInt(Integer::parseInt)
                        .toArray()
                : SIZES;
        for (int size : sizes) {
            new SizeBench(arguments[0], size).measure();
        }
    }

    private void measure() throws Exception {
        Path home;
        try (BenchedApp filling =
                BenchedApp.startKeepingClasses(jar, HEAP_MEGABYTES, "--demo", "--goods", "" + goods)) {
            home = filling.home();
            filling.key(); // the example store is up, so the first start is over
        }
        long start = System.nanoTime();
        try (BenchedApp app = BenchedApp.again(jar, HEAP_MEGABYTES, home, "--demo")) {
            HttpResponse<String> page = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(app.url() + "/counter/goods/MK-000007"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            double seconds = (System.nanoTime() - start) / 1e9;
            if (page.statusCode() != 200) {
                throw new IllegalStateException("no price: " + page.statusCode());
            }
            String key = app.key();
            OwnersBrowser owner = new OwnersBrowser(app.url());
            try (RawClient programs = new RawClient(app.url())) {
                double change = middle(i -> change(programs, app, key, i), WARM_CHANGES, CHANGES);
                double[] figures = {
                    change,
                    middle(i -> owner.get("/goods?rowsOnly=1"), WARM, MEASURED),
                    middle(i -> owner.get("/goods?rowsOnly=1&sort=price&down=1"), WARM, MEASURED),
                    middle(i -> owner.get("/goods?rowsOnly=1&brand=Tidewell"), WARM, MEASURED),
                    middle(i -> owner.get("/goods?rowsOnly=1&before=7:zzz"), WARM, MEASURED),
                    middle(i -> owner.get("/goods?rowsOnly=1&find=pattern+" + (goods - 100 - i)), WARM, MEASURED),
                    prices(app, key)
                };
                System.out.printf("%-,11d %9.1f %9d", goods, seconds, heap(app) / goods);
                for (double figure : figures) {
                    System.out.printf(" %9.2f", figure);
                }
                System.out.println();
            }
        } finally {
            delete(home);
        }
    }

    /** Of the made-up ones. */
    private String sku(int number) {
        return "MK-%06d".formatted(1 + number % (goods - 100));
    }

    /** Over a connection of its own: one that nothing is asked over is closed after a while. */
    private double prices(BenchedApp app, String key) throws IOException, InterruptedException {
        try (RawClient client = new RawClient(app.url())) {
            return middle(i -> price(client, app, key, sku(i * STEP)), WARM_PRICES, PRICES);
        }
    }

    private static double middle(Doing doing, int warm, int measured) throws IOException, InterruptedException {
        double[] millis = new double[measured];
        for (int i = -warm; i < measured; i++) {
            long start = System.nanoTime();
            doing.once(warm + i);
            if (i >= 0) {
                millis[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(millis);
        return millis[measured / 2];
    }

    private static String price(RawClient client, BenchedApp app, String key, String sku) throws IOException {
        String answer = client.ask(RawClient.request(
                app.url(),
                "/api/v1/prices",
                key,
                "{\"together\": true, \"lines\": [{\"sku\": \"" + sku + "\", \"quantity\": 12}]}"));
        Matcher line = LINE.matcher(answer);
        if (!line.find()) {
            throw new IllegalStateException(answer);
        }
        return line.group(1);
    }

    /** Changes the own price of one of the goods and asks until shoppers see it. */
    private void change(RawClient client, BenchedApp app, String key, int time) throws IOException {
        String sku = sku(time * STEP);
        String wanted = "%d.%02d".formatted(12 * (300 + time) / 100, 12 * (300 + time) % 100);
        client.ask(RawClient.request(
                "PUT",
                app.url(),
                "/api/v1/price-rows",
                key,
                "{\"prices\": [{\"sku\": \"" + sku + "\", \"rows\": [{\"from\": 10, \"price\": \"" + (300 + time) / 100
                        + "." + "%02d".formatted((300 + time) % 100) + "\"}]}]}"));
        for (int asked = 0; !price(client, app, key, sku).equals(wanted); asked++) {
            if (asked > MOST_ASKED) {
                throw new IllegalStateException(sku + " is still not at " + wanted);
            }
        }
    }

    /** What is left in use once all garbage is away, in bytes. */
    private static long heap(BenchedApp app) throws IOException, InterruptedException {
        jcmd(app, "GC.run");
        Matcher used = USED.matcher(jcmd(app, "GC.heap_info"));
        if (!used.find()) {
            throw new IllegalStateException("the heap cannot be read");
        }
        return Long.parseLong(used.group(1)) << 10;
    }

    private static String jcmd(BenchedApp app, String what) throws IOException, InterruptedException {
        Process look = new ProcessBuilder("jcmd", "" + app.pid(), what)
                .redirectErrorStream(true)
                .start();
        String text = new String(look.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        look.waitFor();
        return text;
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }
}
