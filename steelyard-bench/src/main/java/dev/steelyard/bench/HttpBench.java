package dev.steelyard.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Prices a second through the counter's live price and through {@code POST /api/v1/trials}, each beside the smallest page
 * and the smallest JSON answer of the same application in the same run; and how heavy the counter's product page is.
 */
public final class HttpBench {

    private static final int CLIENTS = 4;
    private static final long WARM_MILLIS = 6_000;
    private static final long MEASURED_MILLIS = 6_000;
    private static final String TRIAL =
            """
            {"product": {"sku": "COVER"}, "card": {"name": "Boat covers", "asks": [
              {"measurement": "length", "label": "Length", "kind": "length", "unit": "cm", "min": 150, "max": 1200, "step": 1},
              {"measurement": "width", "label": "Width", "kind": "length", "unit": "cm", "min": 80, "max": 450, "step": 1}],
             "cases": [{"piece": {"rate": {"amount": "length * width", "unit": "m2", "price": "21.40",
               "wastePercent": "8", "roundUpTo": "0.25", "atLeast": "2.5"}, "base": "35.00"}}],
             "ladder": {"mode": "all-units", "value": "percent-off", "rows": [{"from": 3, "value": "6"}]}},
             "orders": [{"quantity": 2, "answers": {"length": "LEN", "width": "211"}}]}""";

    private final HttpClient client = HttpClient.newHttpClient();
    private final String url;

    private HttpBench(String url) {
        this.url = url;
    }

    public static void main(String[] arguments) throws Exception {
        System.out.printf("%-64s %10s %12s%n", CLIENTS + " clients at once", "a second", "of smallest");
        for (String goods : new String[] {"13", "100000"}) {
            try (BenchedApp app = BenchedApp.start(arguments[0], "--demo", "--goods", goods)) {
                new HttpBench(app.url()).measure(goods.equals("13") ? "13 products" : "100,000 products");
            }
        }
    }

    private void measure(String size) throws Exception {
        client.send(live("SHK-8"), HttpResponse.BodyHandlers.discarding()); // the price book is made
        double page = rate(i -> get("/sign-in"));
        say("the smallest page (sign-in), " + size, page, page);
        say("live price, 3 variants with breaks, " + size, rate(i -> live("SHK-8&quantity=" + (1 + i % 300))), page);
        say(
                "live price, area with two choices and a drawing, " + size,
                rate(i -> live("COVER&a.length=" + (150 + i % 1000) + "&a.width=211&a.hem=roped&a.fixing=zip")),
                page);
        double json = rate(i -> trial("[]"));
        say("the smallest JSON answer (no trial), " + size, json, json);
        say(
                "a trial: its card read, checked and one order priced, " + size,
                rate(i -> trial(TRIAL.replace("LEN", "" + (150 + i % 1000)))),
                json);
        weigh("/counter/goods/COVER?sent=yes&a.length=523&a.width=211");
    }

    private static void say(String what, double rate, double smallest) {
        System.out.printf("%-64s %10.0f %11.0f %%%n", what, rate, 100 * rate / smallest);
    }

    private HttpRequest get(String path) {
        return HttpRequest.newBuilder(URI.create(url + path)).build();
    }

    private HttpRequest live(String query) {
        return HttpRequest.newBuilder(URI.create(url + "/counter/price?sent=yes&sku=" + query))
                .header("HX-Request", "true")
                .build();
    }

    private HttpRequest trial(String body) {
        return HttpRequest.newBuilder(URI.create(url + "/api/v1/trials"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private double rate(LongFunction<HttpRequest> request) throws Exception {
        run(request, WARM_MILLIS);
        return run(request, MEASURED_MILLIS);
    }

    /** Each client asks again as soon as it is answered; ends by itself. */
    private double run(LongFunction<HttpRequest> request, long millis) throws Exception {
        AtomicLong answered = new AtomicLong();
        long start = System.nanoTime();
        long end = start + millis * 1_000_000;
        ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
        for (int i = 0; i < CLIENTS; i++) {
            clients.submit(() -> {
                while (System.nanoTime() < end) {
                    HttpResponse<String> answer = client.send(
                            request.apply(answered.incrementAndGet()), HttpResponse.BodyHandlers.ofString());
                    if (answer.statusCode() != 200) {
                        throw new IllegalStateException(answer.uri() + ": " + answer.statusCode());
                    }
                }
                return null;
            });
        }
        clients.shutdown();
        if (!clients.awaitTermination(millis * 3, TimeUnit.MILLISECONDS)) {
            throw new IllegalStateException("no answers in time");
        }
        return answered.get() * 1e9 / (System.nanoTime() - start);
    }

    /** The page and all that it loads, compressed as a browser asks for it. */
    private void weigh(String path) throws IOException, InterruptedException {
        byte[] page = compressed(path);
        String text =
                client.send(get(path), HttpResponse.BodyHandlers.ofString()).body();
        Set<String> parts = new LinkedHashSet<>();
        Matcher links = Pattern.compile("(?:src|href)=\"(/(?:assets|webjars|pictures)[^\"]+)\"")
                .matcher(text);
        while (links.find()) {
            parts.add(links.group(1));
        }
        Set<String> fonts = new LinkedHashSet<>();
        long bytes = page.length;
        for (String part : parts) {
            bytes += compressed(part).length;
            if (part.contains("tokens")) {
                String css = client.send(get(part), HttpResponse.BodyHandlers.ofString())
                        .body();
                Matcher font = Pattern.compile("url\\(\"?([^)\"]+latin-wght[^)\"]+)\"?\\)")
                        .matcher(css);
                while (font.find()) {
                    fonts.add(URI.create(part).resolve(font.group(1)).toString());
                }
            }
        }
        for (String font : fonts) {
            bytes += compressed(font).length;
        }
        System.out.printf(
                "a product page: %,d bytes by itself, %,d with the %d files it loads, all compressed%n",
                page.length, bytes, parts.size() + fonts.size());
    }

    private byte[] compressed(String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Accept-Encoding", "gzip")
                .build();
        HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + ": " + answer.statusCode());
        }
        return answer.body();
    }
}
