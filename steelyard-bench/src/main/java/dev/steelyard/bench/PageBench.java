package dev.steelyard.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.StringJoiner;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long the page of a rate card takes to answer a keystroke, from a client on the same machine, beside the smallest
 * page of the same application in the same run.
 */
public final class PageBench {

    private static final int WARM = 400;
    private static final int MEASURED = 400;
    private static final String COVER =
            """
            {"name": "Boat covers", "asks": [
              {"measurement": "length", "label": "Length", "kind": "length", "unit": "cm", "min": 150, "max": 1200, "step": 1},
              {"measurement": "width", "label": "Width", "kind": "length", "unit": "cm", "min": 80, "max": 450, "step": 1},
              {"choice": "hem", "options": [{"name": "plain"},
                {"name": "roped", "charge": {"perUnit": "2.35", "per": "m", "of": "2 * (length + width)"}}]}],
             "namedRates": [{"name": "cloth", "value": "21.40", "unit": "EUR/m2"}],
             "cases": [{"when": "length > 8 m", "piece": {"formula": "MAX(88.50 EUR; length * width * cloth) + 35 EUR"}},
               {"piece": {"base": "35.00", "rate": {"amount": "length * width", "unit": "m2", "price": "21.40",
                 "wastePercent": "8", "roundUpTo": "0.25", "atLeast": "2.5"}}}],
             "ladder": {"mode": "all-units", "value": "percent-off", "rows": [{"from": 3, "value": "6"}, {"from": 10, "value": "11.5"}]},
             "covers": {"products": ["COVER"]}}""";

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private final String url;
    private String token = "";

    private PageBench(String url) {
        this.url = url;
    }

    public static void main(String[] arguments) throws Exception {
        try (BenchedApp app = BenchedApp.start(arguments[0], "--demo")) {
            new PageBench(app.url()).measure();
        }
    }

    private void measure() throws IOException, InterruptedException {
        get("/sign-in");
        post("/sign-in", Map.of("username", "maren", "password", "saltmarsh"));
        get("/goods");
        Card card = read(COVER);
        Card grid = read(grid(30));
        System.out.printf(
                "%-52s %8s %8s %8s %9s%n", "one request after the other, ms", "median", "p95", "worst", "bytes");
        row("the smallest page (sign-in)", i -> Map.of(), "/sign-in");
        row(
                "a keystroke in the trial, piece price and its curve",
                i -> look(card.basedOn(), "piece", "t.a.length", "" + (300 + i % 400)),
                card.path() + "/edit");
        row(
                "a keystroke in the trial, breaks and their beam",
                i -> look(card.basedOn(), "breaks", "t.quantity", "" + (1 + i % 40)),
                card.path() + "/edit");
        row(
                "a keystroke in the formula field",
                i -> look(
                        card.basedOn(),
                        "piece",
                        "/cases/0/piece/formula",
                        "MAX(88.50 EUR; length * width * cloth) + " + i + " EUR"),
                card.path() + "/edit");
        row(
                "a keystroke that makes the formula wrong",
                i -> look(
                        card.basedOn(),
                        "piece",
                        "/cases/0/piece/formula",
                        "MAX(88.50 EUR; length * widht * cloth) + " + i),
                card.path() + "/edit");
        row(
                "a keystroke in the trial, a grid of 30 × 30",
                i -> look(grid.basedOn(), "piece", "t.a.height", "" + (300 + i % 400)),
                grid.path() + "/edit");
    }

    /** A card that was read in: its address, and the version its page is made from. */
    private record Card(String path, String basedOn) {}

    private Card read(String json) throws IOException, InterruptedException {
        HttpResponse<String> made = post("/cards/read", Map.of("json", json));
        Matcher number = Pattern.compile("name=\"basedOn\" value=\"(\\d+)\"").matcher(made.body());
        if (!number.find()) {
            throw new IllegalStateException("no card was made: " + made.statusCode());
        }
        return new Card(made.uri().getPath(), number.group(1));
    }

    private static String grid(int size) {
        StringJoiner edges = new StringJoiner(",", "[", "]");
        StringJoiner prices = new StringJoiner(",", "[", "]");
        for (int i = 1; i <= size; i++) {
            edges.add("" + i * 100);
            StringJoiner row = new StringJoiner(",", "[", "]");
            for (int j = 1; j <= size; j++) {
                row.add("" + (10 + i * j));
            }
            prices.add(row.toString());
        }
        return """
                {"name": "Windows", "asks": [
                  {"measurement": "width", "kind": "length", "unit": "mm", "min": 1, "max": 3000},
                  {"measurement": "height", "kind": "length", "unit": "mm", "min": 1, "max": 3000}],
                 "cases": [{"piece": {"grid": {"columnsBy": "width", "rowsBy": "height", "unit": "mm",
                   "columns": EDGES, "rows": EDGES, "prices": PRICES}}}]}"""
                .replace("EDGES", edges.toString())
                .replace("PRICES", prices.toString());
    }

    private static Map<String, String> look(String basedOn, String step, String field, String value) {
        return Map.of(
                "do",
                "look",
                "basedOn",
                basedOn,
                "step",
                step,
                "t.sku",
                "COVER",
                "t.a.width",
                "211",
                "t.a.hem",
                "roped",
                field,
                value);
    }

    private void row(String what, IntFunction<Map<String, String>> request, String path)
            throws IOException, InterruptedException {
        double[] millis = new double[MEASURED];
        int bytes = 0;
        for (int i = -WARM; i < MEASURED; i++) {
            Map<String, String> form = request.apply(Math.abs(i));
            long start = System.nanoTime();
            HttpResponse<String> answer = form.isEmpty() ? get(path) : post(path, form);
            if (i >= 0) {
                millis[i] = (System.nanoTime() - start) / 1e6;
                bytes = answer.body().length();
            }
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(what + ": " + answer.statusCode());
            }
        }
        Arrays.sort(millis);
        System.out.printf(
                "%-52s %8.1f %8.1f %8.1f %9d%n",
                what, millis[MEASURED / 2], millis[MEASURED * 95 / 100], millis[MEASURED - 1], bytes);
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return send(HttpRequest.newBuilder(URI.create(url + path)).header("Accept", "text/html"));
    }

    private HttpResponse<String> post(String path, Map<String, String> form) throws IOException, InterruptedException {
        StringJoiner body = new StringJoiner("&");
        form.forEach((name, value) -> body.add(encoded(name) + "=" + encoded(value)));
        body.add("_csrf=" + encoded(token));
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        Matcher found =
                Pattern.compile("name=\"csrf-token\" content=\"([^\"]+)\"").matcher(answer.body());
        token = found.find() ? found.group(1) : token;
        return answer;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
