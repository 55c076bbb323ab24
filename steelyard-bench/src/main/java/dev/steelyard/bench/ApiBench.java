package dev.steelyard.bench;

import dev.steelyard.bench.Served.Bare;
import dev.steelyard.bench.Served.Call;
import dev.steelyard.bench.Served.Figure;
import java.util.Collections;
import java.util.List;

/** Calls of the API a second, with 13 and with 100,000 goods, as {@link Served} measures. */
public final class ApiBench {

    private static final String LINE = "{\"sku\": \"SHK-8\", \"quantity\": 30}";
    private static final String MEASURED =
            "{\"sku\": \"COVER\", \"quantity\": 2, \"answers\": {\"length\": 523, \"width\": 211, \"hem\": \"roped\", \"fixing\": \"zip\"}}";

    /** How many are ordered, in a line that is asked once only. */
    private static final String ANEW = "\"quantity\": " + Served.ANEW;

    private ApiBench() {}

    public static void main(String[] arguments) throws Exception {
        System.out.printf("%d connections, warmed until still%n", Served.CONNECTIONS);
        System.out.printf(
                "%-46s %10s %9s %9s %9s %12s%n", "", "a second", "of bare", "of empty", "p99 ms", "bytes each");
        try (Bare bare = Bare.start()) {
            double small = measure(arguments[0], "13", bare);
            double large = measure(arguments[0], "100000", bare);
            System.out.printf("one line with 100,000 goods takes %.2f times as long as with 13%n", small / large);
        }
    }

    /** @return prices of one line a second, each asked once */
    private static double measure(String jar, String goods, Bare bare) throws Exception {
        try (BenchedApp app = BenchedApp.start(jar, "--demo", "--goods", goods)) {
            String key = app.key();
            List<Call> calls = List.of(
                    bare.call("[]"),
                    call(app, key, "an empty call (key)", "/api/v1/key", ""),
                    prices(app, key, "one line, " + goods + " goods", LINE),
                    prices(app, key, "one line of area, " + goods + " goods", MEASURED),
                    prices(app, key, "50 lines, " + goods + " goods", many(LINE)),
                    prices(app, key, "one line, each another quantity", anew(LINE)),
                    prices(app, key, "one line of area, each another quantity", anew(MEASURED)),
                    prices(app, key, "50 lines, each another quantity", anew(many(LINE))));
            List<Figure> middle = Served.measure(calls);
            for (int i = 0; i < calls.size(); i++) {
                Figure one = middle.get(i);
                System.out.printf(
                        "%-46s %10.0f %8.0f%% %8.0f%% %9.2f %12.0f%n",
                        calls.get(i).name(),
                        one.rate(),
                        100 * one.rate() / middle.get(0).rate(),
                        100 * one.rate() / middle.get(1).rate(),
                        one.p99(),
                        one.bytes());
            }
            System.out.printf(
                    "50 lines take %.2f times as long as one; %.2f times where they were not asked before%n",
                    middle.get(2).rate() / middle.get(4).rate(),
                    middle.get(5).rate() / middle.get(7).rate());
            return middle.get(5).rate();
        }
    }

    private static Call call(BenchedApp app, String key, String name, String path, String body) {
        return new Call(name, app.url(), RawClient.request(app.url(), path, key, body), app.pid());
    }

    private static Call prices(BenchedApp app, String key, String name, String lines) {
        return call(app, key, name, "/api/v1/prices", "{\"together\": true, \"lines\": [" + lines + "]}");
    }

    private static String many(String line) {
        return String.join(",", Collections.nCopies(50, line));
    }

    /** Lines of which the first is another one each time. */
    private static String anew(String lines) {
        return lines.replaceFirst("\"quantity\": \\d+", ANEW);
    }
}
