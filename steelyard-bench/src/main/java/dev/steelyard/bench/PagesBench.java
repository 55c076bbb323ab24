package dev.steelyard.bench;

import dev.steelyard.bench.Served.Bare;
import dev.steelyard.bench.Served.Call;
import dev.steelyard.bench.Served.Figure;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A file, the sign-in page, the counter's live price and a page of goods a second, as {@link Served} measures. */
public final class PagesBench {

    private static final Pattern STYLE = Pattern.compile("href=\"(/assets/[^\"]+\\.css)\"");

    private PagesBench() {}

    public static void main(String[] arguments) throws Exception {
        System.out.printf("%d connections, warmed until still%n", Served.CONNECTIONS);
        System.out.printf("%-46s %10s %9s %9s %12s%n", "", "a second", "of bare", "p99 ms", "bytes each");
        try (Bare bare = Bare.start();
                BenchedApp app = BenchedApp.start(arguments[0], "--demo")) {
            List<Call> calls = List.of(
                    bare.call(""),
                    call(app, "a style that ships", style(app)),
                    call(app, "the sign-in page", "/sign-in"),
                    typing(
                            app,
                            "the counter’s live price, asked by many",
                            "/counter/price?sku=SHK-8&sent=yes&quantity=30"),
                    typing(
                            app,
                            "the same, each of another quantity",
                            "/counter/price?sku=SHK-8&sent=yes&quantity=" + Served.ANEW),
                    call(app, "a page of goods, asked by many", "/counter/goods/SHK-8"),
                    call(
                            app,
                            "the same, each with another quantity",
                            "/counter/goods/SHK-8?sent=yes&quantity=" + Served.ANEW));
            List<Double> first = new ArrayList<>();
            for (Call call : calls) {
                first.add(middleOfHundred(call));
            }
            List<Figure> figures = Served.measure(calls);
            for (int i = 0; i < calls.size(); i++) {
                Figure one = figures.get(i);
                System.out.printf(
                        "%-46s %10.0f %8.1f%% %9.2f %12.0f%n",
                        calls.get(i).name(),
                        one.rate(),
                        100 * one.rate() / figures.get(0).rate(),
                        one.p99(),
                        one.bytes());
            }
            System.out.printf(
                    "%nthe middle of a hundred requests, one after the other: the first after a start, and later%n");
            for (int i = 1; i < calls.size(); i++) {
                double later = middleOfHundred(calls.get(i));
                System.out.printf(
                        "%-46s %8.2f ms %8.2f ms %6.1f times%n",
                        calls.get(i).name(), first.get(i), later, first.get(i) / later);
            }
        }
    }

    /** In milliseconds. */
    private static double middleOfHundred(Call call) throws Exception {
        long[] times = new long[100];
        try (RawClient client = new RawClient(call.url())) {
            for (int i = 0; i < times.length; i++) {
                long start = System.nanoTime();
                client.ask(call.next());
                times[i] = System.nanoTime() - start;
            }
        }
        Arrays.sort(times);
        return times[times.length / 2] / 1e6;
    }

    private static String style(BenchedApp app) throws Exception {
        try (RawClient client = new RawClient(app.url())) {
            Matcher link = STYLE.matcher(client.ask(RawClient.request(app.url(), "/sign-in", "", "")));
            if (!link.find()) {
                throw new IllegalStateException("the sign-in page names no style");
            }
            return link.group(1);
        }
    }

    /** A price as the page asks for it while one types: of the form alone, without what stands around it. */
    private static Call typing(BenchedApp app, String name, String path) {
        Call call = call(app, name, path);
        return new Call(name, call.url(), with(call.request(), "HX-Request: true"), call.pid());
    }

    private static Call call(BenchedApp app, String name, String path) {
        byte[] plain = RawClient.request(app.url(), path, "", "");
        return new Call(name, app.url(), with(plain, "Accept-Encoding: gzip"), app.pid()); // as every browser sends
    }

    private static byte[] with(byte[] request, String header) {
        return new String(request, StandardCharsets.US_ASCII)
                .replace("\r\n\r\n", "\r\n" + header + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII);
    }
}
