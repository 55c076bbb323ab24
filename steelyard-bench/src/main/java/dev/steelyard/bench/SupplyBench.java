package dev.steelyard.bench;

import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** 10,000 new products, then their own prices, brought by the API as a store's programs bring them: 1,000 a call. */
public final class SupplyBench {

    private static final int CALLS = 10;
    private static final int EACH = 1_000;

    private SupplyBench() {}

    public static void main(String[] arguments) throws Exception {
        try (BenchedApp app = BenchedApp.start(arguments[0], "--demo")) {
            String key = app.key();
            time(
                    app,
                    key,
                    "goods",
                    "goods",
                    n ->
                            "{\"sku\": \"NEW-%d\", \"name\": \"New %d\", \"shelfPrice\": \"%d.90\", \"unitCost\": \"1.00\"}"
                                    .formatted(n, n, 2 + n % 90));
            time(
                    app,
                    key,
                    "price-rows",
                    "prices",
                    n ->
                            "{\"sku\": \"NEW-%d\", \"rows\": [{\"from\": 10, \"price\": \"%d.50\"}, {\"from\": 50, \"price\": \"%d.10\"}]}"
                                    .formatted(n, 2 + n % 90, 2 + n % 90));
        }
    }

    private static void time(BenchedApp app, String key, String what, String list, IntFunction<String> one)
            throws Exception {
        try (RawClient client = new RawClient(app.url())) {
            long start = System.nanoTime();
            for (int call = 0; call < CALLS; call++) {
                String body = IntStream.range(call * EACH, (call + 1) * EACH)
                        .mapToObj(one)
                        .collect(Collectors.joining(",", "{\"" + list + "\": [", "]}"));
                String answer = client.ask(RawClient.request("PUT", app.url(), "/api/v1/" + what, key, body));
                if (!answer.contains("\"refused\":0")) {
                    throw new IllegalStateException(answer.substring(0, Math.min(answer.length(), 2_000)));
                }
            }
            System.out.printf("%,d %s in %.1f s%n", CALLS * EACH, what, (System.nanoTime() - start) / 1e9);
        }
    }
}
