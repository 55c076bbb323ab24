package dev.steelyard.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Answers a second over connections that stay open, each beside a bare servlet of the same server in the same run. Each is warmed
 * until its figure has stood still for 20 seconds; then all are measured in turn, three times, and the middle one is said.
 */
final class Served {

    static final int CONNECTIONS = 16;

    private static final long WINDOW_MILLIS = 5_000;
    private static final int STILL = 4;
    private static final double STEADY = 0.07;
    private static final int MOST_WINDOWS = Integer.getInteger("windows", 30);
    private static final int ROUNDS = 3;

    private Served() {}

    /** In a request: another number of six digits each time, so that nothing is asked twice. */
    static final String ANEW = "777777";

    private static final AtomicInteger ASKED = new AtomicInteger();
    private static final int LEAST_ANEW = 100_000;
    private static final int MOST_ANEW = 900_000;

    /** Something that is asked. @param anew where {@link #ANEW} stands in it; negative for nowhere */
    record Call(String name, String url, byte[] request, long pid, int anew) {

        Call(String name, String url, byte[] request, long pid) {
            this(name, url, request, pid, new String(request, StandardCharsets.ISO_8859_1).indexOf(ANEW));
        }

        /** What is sent next. */
        byte[] next() {
            if (anew < 0) {
                return request;
            }
            byte[] next = request.clone();
            int number = LEAST_ANEW + Math.floorMod(ASKED.getAndIncrement(), MOST_ANEW);
            for (int i = ANEW.length() - 1; i >= 0; i--, number /= 10) {
                next[anew + i] = (byte) ('0' + number % 10);
            }
            return next;
        }
    }

    /** What it came to. @param p99 in milliseconds */
    record Figure(double rate, double p99, double bytes) {}

    /** A server of one servlet, for as long as it is open. */
    record Bare(String url, Process process) implements AutoCloseable {

        static Bare start() throws IOException {
            int port = free();
            return new Bare("http://127.0.0.1:" + port, bare(port));
        }

        /** It reads what is sent and answers “[]”. */
        Call call(String sent) {
            return new Call("a bare servlet", url, RawClient.request(url, "/", "", sent), process.pid());
        }

        @Override
        public void close() {
            process.destroy();
        }
    }

    /** The figures of each, in their order. */
    static List<Figure> measure(List<Call> calls) throws Exception {
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
        return figures.stream().map(Served::middle).toList();
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
                client.ask(call.next());
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
