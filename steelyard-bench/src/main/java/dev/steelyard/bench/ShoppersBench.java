package dev.steelyard.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What shoppers feel while strangers send the worst trials: the live price's median and 99th percentile before, while and
 * after {@value #STRANGERS} clients send them one after another, in one run.
 */
public final class ShoppersBench {

    private static final int STRANGERS = 64;
    private static final int SHOPPERS = 4;
    private static final long SPAN_MILLIS = 15_000;
    private static final long STRANGERS_PAUSE_MILLIS = 50;
    private static final long SHOPPERS_PAUSE_MILLIS = 20;

    /** Documents that took minutes once, or as much as is allowed now. */
    private static final List<String> WORST = List.of(
            "{\"product\": {\"sku\": \"X\", \"shelfPrice\": 10}, \"card\": {\"name\": \"rows\", \"ladder\": {\"mode\": \"all-units\","
                    + " \"value\": \"price\", \"rows\": ["
                    + listed(15_000, i -> "{\"from\": " + (2 + i) + ", \"value\": 9, \"group\": \"g" + i + "\"}")
                    + "]}}}",
            "{\"deals\": ["
                    + listed(
                            1_000,
                            i -> "{\"name\": \"d\", \"kind\": \"buy-and-get\", \"buy\": {\"pieces\": 2, \"covers\":"
                                    + " {\"everything\": true}}, \"get\": {\"pieces\": 1, \"covers\": {\"everything\": true},"
                                    + " \"value\": \"free\"}}")
                    + "]}",
            deals(100),
            "{\"product\": {\"sku\": \"X\", \"shelfPrice\": 10}, \"card\": {\"name\": \"cases\", \"cases\": ["
                    + listed(199, i -> "{\"when\": \"pieces > " + (1000 + i) + "\", \"piece\": {\"shelfPrice\": true}}")
                    + ", {\"piece\": {\"shelfPrice\": true}}]}, \"orders\": ["
                    + listed(1_000, i -> "{\"quantity\": " + (1 + i) + "}") + "]}");

    private final HttpClient client = HttpClient.newHttpClient();
    private final String url;

    private ShoppersBench(String url) {
        this.url = url;
    }

    private static String listed(int count, IntFunction<String> one) {
        return IntStream.range(0, count).mapToObj(one).collect(Collectors.joining(","));
    }

    private static String deals(int count) {
        return "{\"deals\": ["
                + listed(
                        count,
                        i -> "{\"name\": \"d" + i
                                + "\", \"kind\": \"buy-and-get\", \"buy\": {\"pieces\": 2, \"covers\":"
                                + " {\"everything\": true}}, \"get\": {\"pieces\": 1, \"covers\": {\"everything\": true},"
                                + " \"value\": \"percent-off\", \"amount\": 1}}")
                + "], \"baskets\": ["
                + listed(
                        1,
                        basket -> "{\"lines\": ["
                                + listed(1_000, i -> "{\"sku\": \"s" + i + "\", \"quantity\": 50, \"total\": 100}")
                                + "]}")
                + "]}";
    }

    public static void main(String[] arguments) throws Exception {
        try (BenchedApp app = BenchedApp.start(arguments[0], "--demo")) {
            new ShoppersBench(app.url()).measure();
        }
    }

    private void measure() throws Exception {
        shop(SPAN_MILLIS); // warm
        System.out.printf("%-40s %8s %8s %8s%n", SHOPPERS + " shoppers", "p50 ms", "p99 ms", "prices");
        double before = say("before", shop(SPAN_MILLIS));
        long end = System.nanoTime() + SPAN_MILLIS * 1_000_000;
        ExecutorService strangers = Executors.newFixedThreadPool(STRANGERS);
        for (int i = 0; i < STRANGERS; i++) {
            int first = i;
            strangers.submit(() -> {
                for (int next = first; System.nanoTime() < end; next++) {
                    client.send(trial(WORST.get(next % WORST.size())), HttpResponse.BodyHandlers.discarding());
                    Thread.sleep(STRANGERS_PAUSE_MILLIS);
                }
                return null;
            });
        }
        double during = say("while " + STRANGERS + " send the worst trials", shop(SPAN_MILLIS));
        strangers.shutdown();
        if (!strangers.awaitTermination(SPAN_MILLIS, TimeUnit.MILLISECONDS)) {
            throw new IllegalStateException("trials without an end");
        }
        say("after", shop(SPAN_MILLIS));
        System.out.printf("p99 while / before: %.1f%n", during / before);
    }

    private static double say(String when, double[] millis) {
        double high = millis[(int) (millis.length * 0.99)];
        System.out.printf("%-40s %8.0f %8.0f %8d%n", when, millis[millis.length / 2], high, millis.length);
        return high;
    }

    private HttpRequest trial(String body) {
        return HttpRequest.newBuilder(URI.create(url + "/api/v1/trials?findings=true"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    /** How long each live price took, in order. */
    private double[] shop(long millis) throws Exception {
        ConcurrentLinkedQueue<Long> took = new ConcurrentLinkedQueue<>();
        long end = System.nanoTime() + millis * 1_000_000;
        ExecutorService shoppers = Executors.newFixedThreadPool(SHOPPERS);
        for (int i = 0; i < SHOPPERS; i++) {
            int first = i;
            shoppers.submit(() -> {
                for (int next = first; System.nanoTime() < end; next += 7) {
                    long start = System.nanoTime();
                    HttpRequest live = HttpRequest.newBuilder(URI.create(url
                                    + "/counter/price?sent=yes&sku=COVER&a.length=" + (150 + next % 1000)
                                    + "&a.width=211&a.hem=roped&a.fixing=zip"))
                            .header("HX-Request", "true")
                            .build();
                    int status = client.send(live, HttpResponse.BodyHandlers.discarding())
                            .statusCode();
                    if (status != 200) {
                        throw new IllegalStateException("a live price: " + status);
                    }
                    took.add(System.nanoTime() - start);
                    Thread.sleep(SHOPPERS_PAUSE_MILLIS);
                }
                return null;
            });
        }
        shoppers.shutdown();
        if (!shoppers.awaitTermination(4 * millis, TimeUnit.MILLISECONDS) || took.isEmpty()) {
            throw new IllegalStateException("no prices in time");
        }
        double[] sorted = took.stream().mapToDouble(nanos -> nanos / 1e6).toArray();
        Arrays.sort(sorted);
        return sorted;
    }
}
