package dev.steelyard.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Calls of the API a second, each beside a bare servlet of the same server in the same run, over connections that stay open. Each
 * is warmed until its figure has stood still for 20 seconds; then all are measured in turn, three times, and the middle one is said.
 */
public final class ApiBench {

    private static final int CONNECTIONS = 16;
    private static final long WINDOW_MILLIS = 5_000;
    private static final int STILL = 4;
    private static final double STEADY = 0.07;
    private static final int MOST_WINDOWS = 30;
    private static final int ROUNDS = 3;
    private static final String LINE = "{\"sku\": \"SHK-8\", \"quantity\": 30}";
    private static final String MEASURED =
            "{\"sku\": \"COVER\", \"quantity\": 2, \"answers\": {\"length\": 523, \"width\": 211, \"hem\": \"roped\", \"fixing\": \"zip\"}}";

    private ApiBench() {}

    /** Something that is asked. */
    private record Call(String name, String url, byte[] request, long pid) {}

    /** What it came to. @param p99 in milliseconds */
    private record Figure(double rate, double p99, double bytes) {}

    public static void main(String[] arguments) throws Exception {
        System.out.printf("%d connections, warmed until still%n", CONNECTIONS);
        System.out.printf(
                "%-46s %10s %9s %9s %9s %12s%n", "", "a second", "of bare", "of empty", "p99 ms", "bytes each");
        int port = free();
        Process bare = bare(port);
        try {
            double small = measure(arguments[0], "13", "http://127.0.0.1:" + port, bare.pid());
            double large = measure(arguments[0], "100000", "http://127.0.0.1:" + port, bare.pid());
            System.out.printf("one line with 100,000 goods takes %.2f times as long as with 13%n", small / large);
        } finally {
            bare.destroy();
        }
    }

    /** @return prices of one line a second */
    private static double measure(String jar, String goods, String bare, long barePid) throws Exception {
        try (BenchedApp app = BenchedApp.start(jar, "--demo", "--goods", goods)) {
            String key = app.key();
            List<Call> calls = List.of(
                    new Call("a bare servlet", bare, RawClient.request(bare, "/", "", "[]"), barePid),
                    call(app, key, "an empty call (key)", "/api/v1/key", ""),
                    call(app, key, "one line, " + goods + " goods", "/api/v1/prices", body(LINE)),
                    call(app, key, "one line of area, " + goods + " goods", "/api/v1/prices", body(MEASURED)),
                    call(
                            app,
                            key,
                            "50 lines, " + goods + " goods",
                            "/api/v1/prices",
                            body(String.join(",", Collections.nCopies(50, LINE)))));
            for (Call call : calls) {
                warm(call);
            }
            List<List<Figure>> figures = new ArrayList<>();
            calls.forEach(call -> figures.add(new ArrayList<>()));
            for (int round = 0; round < ROUNDS; round++) {
                for (int i = 0; i < calls.size(); i++) {
                    figures.get(i).add(run(calls.get(i)));
                }
            }
            List<Figure> middle = figures.stream().map(ApiBench::middle).toList();
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
                    "50 lines take %.2f times as long as one%n",
                    middle.get(2).rate() / middle.get(4).rate());
            return middle.get(2).rate();
        }
    }

    private static Call call(BenchedApp app, String key, String name, String path, String body) {
        return new Call(name, app.url(), RawClient.request(app.url(), path, key, body), app.pid());
    }

    private static String body(String lines) {
        return "{\"together\": true, \"lines\": [" + lines + "]}";
    }

    private static Figure middle(List<Figure> figures) {
        return figures.stream()
                .sorted((one, other) -> Double.compare(one.rate(), other.rate()))
                .toList()
                .get(figures.size() / 2);
    }

    /** Until four windows in a row differ by little; the compiler of the JVM works for minutes here. */
    private static void warm(Call call) throws Exception {
        List<Double> rates = new ArrayList<>();
        while (rates.size() < MOST_WINDOWS) {
            rates.add(run(call).rate());
            if (rates.size() >= STILL) {
                double[] last = rates.subList(rates.size() - STILL, rates.size()).stream()
                        .mapToDouble(Double::doubleValue)
                        .sorted()
                        .toArray();
                if ((last[STILL - 1] - last[0]) / last[STILL - 1] < STEADY) {
                    return;
                }
            }
        }
    }

    private static Figure run(Call call) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(CONNECTIONS);
        try (Allocated allocated = new Allocated(call.pid())) {
            long before = allocated.bytes();
            long start = System.nanoTime();
            long end = start + WINDOW_MILLIS * 1_000_000;
            List<Future<long[]>> all = new ArrayList<>();
            for (int i = 0; i < CONNECTIONS; i++) {
                all.add(threads.submit(() -> times(call, end)));
            }
            List<long[]> times = new ArrayList<>();
            for (Future<long[]> one : all) {
                times.add(one.get());
            }
            double seconds = (System.nanoTime() - start) / 1e9;
            long[] sorted =
                    times.stream().flatMapToLong(Arrays::stream).sorted().toArray();
            return new Figure(
                    sorted.length / seconds,
                    sorted[(int) (sorted.length * 0.99)] / 1e6,
                    (double) (allocated.bytes() - before) / sorted.length);
        } finally {
            threads.shutdown();
            threads.awaitTermination(10, TimeUnit.SECONDS);
        }
    }

    private static long[] times(Call call, long end) throws IOException {
        long[] times = new long[1 << 18];
        int count = 0;
        try (RawClient client = new RawClient(call.url())) {
            for (long now = System.nanoTime(); now < end && count < times.length; count++) {
                client.ask(call.request());
                long then = System.nanoTime();
                times[count] = then - now;
                now = then;
            }
        }
        return Arrays.copyOf(times, count);
    }

    private static Process bare(int port) throws IOException {
        Process process = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        BareServer.class.getName(),
                        "" + port)
                .redirectErrorStream(true)
                .start();
        BufferedReader lines =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (line.equals("ready")) {
                Thread rest = new Thread(() -> lines.lines().forEach(any -> {}));
                rest.setDaemon(true);
                rest.start();
                return process;
            }
        }
        throw new IllegalStateException("the bare server did not start");
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }
}
