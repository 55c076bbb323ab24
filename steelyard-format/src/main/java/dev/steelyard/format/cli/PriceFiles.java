package dev.steelyard.format.cli;

import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.reckoning.Step;
import dev.steelyard.format.BasketDocument;
import dev.steelyard.format.BasketTrials;
import dev.steelyard.format.Document;
import dev.steelyard.format.Document.Order;
import dev.steelyard.format.Documents;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.format.Json;
import dev.steelyard.format.Priceable;
import dev.steelyard.format.Trials;
import dev.steelyard.words.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Prices the orders of files and holds them against what they expect. Exit codes: 0 all hold, 1 some do not, 2 a file
 * cannot be read or is no document.
 */
public final class PriceFiles {

    static final int ALL_HOLD = 0;
    static final int SOME_DIFFER = 1;
    static final int NOT_READ = 2;

    private static final String EXPLAIN = "--explain";
    private static final String ORDERS = "--orders";
    private static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));

    private final PrintStream out;
    private final PrintStream err;
    private final ZonedDateTime now;
    private final boolean explain;
    private final @Nullable JsonNode beside;
    private final List<String> unread = new ArrayList<>();
    private int orders;
    private int differing;
    private boolean failed;

    /** @param beside the orders for cards that stand alone; none for none */
    private PriceFiles(
            PrintStream out, PrintStream err, ZonedDateTime now, boolean explain, @Nullable JsonNode beside) {
        this.out = out;
        this.err = err;
        this.now = now;
        this.explain = explain;
        this.beside = beside;
    }

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(arguments), out, err, ZonedDateTime.now(ZoneOffset.UTC)));
    }

    /** @param now counts for orders that say no time */
    static int run(List<String> arguments, PrintStream out, PrintStream err, ZonedDateTime now) {
        List<String> files = new ArrayList<>(arguments);
        boolean explain = files.remove(EXPLAIN);
        int option = files.indexOf(ORDERS);
        String ordersFile = option >= 0 && option + 1 < files.size() ? files.remove(option + 1) : null;
        files.remove(ORDERS);
        if (files.isEmpty() || option >= 0 && ordersFile == null) {
            err.println("usage: ./steelyard price [--explain] [--orders ORDERS.json] FILE.json ...");
            return NOT_READ;
        }
        JsonNode beside = null;
        if (ordersFile != null) {
            Json.Parsed parsed = read(ordersFile);
            beside = parsed.root();
            if (beside == null || !beside.isArray() && !beside.has("orders")) {
                err.println(
                        ordersFile + ": "
                                + (beside == null
                                        ? parsed.fault()
                                        : "these are no orders; write a list of them, or an object with “orders” and “product”"));
                return NOT_READ;
            }
        }
        PriceFiles pricing = new PriceFiles(out, err, now, explain, beside);
        files.forEach(pricing::file);
        out.println(pricing.summary());
        if (pricing.failed) {
            return NOT_READ;
        }
        return pricing.differing == 0 ? ALL_HOLD : SOME_DIFFER;
    }

    private String summary() {
        String priced = orders
                + (orders == 1 ? " order, " : " orders, ")
                + (differing > 0
                        ? differing + " not as expected"
                        : orders == 0 ? "nothing to compare" : "all as expected");
        return unread.isEmpty()
                ? priced
                : priced + "; " + unread.size() + (unread.size() == 1 ? " document" : " documents")
                        + " could not be read: " + String.join(", ", unread);
    }

    private static Json.Parsed read(String name) {
        try {
            return Json.parse(Files.readString(Path.of(name)));
        } catch (IOException | InvalidPathException unreadable) {
            return new Json.Parsed(null, "cannot be read: " + unreadable.getMessage());
        }
    }

    private void file(String name) {
        Json.Parsed parsed = read(name);
        if (parsed.root() == null) {
            err.println(name + ": " + parsed.fault());
            unread.add(name);
            failed = true;
            return;
        }
        Documents.Reading reading = Documents.read(withOrders(parsed.root()), EURO);
        for (FormatIssue issue : reading.issues()) {
            String place = issue.from() == null ? "" : ", characters " + issue.from() + " to " + issue.to();
            err.println(name + "#" + issue.at() + place + ": " + issue.message());
        }
        failed |= !reading.issues().isEmpty();
        unread.addAll(reading.unread());
        for (Priceable document : reading.documents()) {
            if (document instanceof Document orders) {
                document(orders);
            } else {
                baskets((BasketDocument) document);
            }
        }
    }

    /** A card alone with the orders that are given beside it; all else as it is. */
    private JsonNode withOrders(JsonNode root) {
        if (beside == null || !(root instanceof ObjectNode card) || card.has("card") || card.has("baskets")) {
            return root;
        }
        ObjectNode whole = card.deepCopy();
        whole.set("orders", beside.isArray() ? beside : beside.get("orders"));
        if (beside.has("product")) {
            whole.set("product", beside.get("product"));
        }
        return whole;
    }

    private void baskets(BasketDocument document) {
        out.println(document.id() == null ? "baskets" : document.id());
        for (BasketDocument.Order order : document.baskets()) {
            orders++;
            PricedBasket basket = BasketTrials.price(document, order, now);
            String mismatch = BasketTrials.mismatch(order, basket);
            out.println(mark(order.expected() != null, mismatch) + BasketText.asked(order) + "  "
                    + (mismatch == null ? BasketText.came(basket, document.shop()) : mismatch));
            if (explain) {
                BasketText.reckoning(basket).forEach(step -> out.println("        " + step));
            }
        }
    }

    private String mark(boolean expected, @Nullable String mismatch) {
        differing += mismatch == null ? 0 : 1;
        return mismatch != null ? "  NO  " : expected ? "  ok  " : "      ";
    }

    private void document(Document document) {
        out.println((document.id() == null ? document.card().card().name() : document.id())
                + (document.orders().isEmpty() ? ": read; no orders are given" : ""));
        for (Order order : document.orders()) {
            orders++;
            LineResult result = Trials.price(document, order, now);
            String mismatch = Trials.mismatch(order, result);
            out.println(mark(order.expected() != null, mismatch) + asked(order) + "  "
                    + (mismatch == null ? came(result, document) : mismatch));
            if (explain && result instanceof PricedLine line) {
                for (Step step : line.reckoning().steps()) {
                    out.println("        " + Words.owners().say(step.what()) + ": "
                            + Words.owners().say(step.how()) + " = " + step.result()
                            + (step.point() == null ? "" : " (" + step.point() + ")"));
                }
            }
        }
    }

    private static String asked(Order order) {
        StringJoiner words = new StringJoiner(", ");
        words.add(order.line().quantity().toPlainString() + " ×");
        if (order.line().answers().pack() != null) {
            words.add(order.line().answers().pack());
        }
        order.line().answers().byName().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(answer ->
                        words.add(answer.getKey() + " " + answer.getValue().text()
                                + (answer.getValue() instanceof Answer.Typed typed && typed.unit() != null
                                        ? " " + typed.unit()
                                        : "")));
        if (order.customer().group() != null) {
            words.add(order.customer().group());
        }
        if (order.at() != null) {
            words.add(order.at().toLocalDate().toString());
        }
        return words.toString();
    }

    private static String came(LineResult result, Document document) {
        if (result instanceof RefusedLine refused) {
            return "refused (" + refused.place() + "): " + Words.owners().say(refused.what());
        }
        PricedLine line = (PricedLine) result;
        return line.total() + " " + document.shop().currency().getCurrencyCode() + " (" + line.shownPerPiece()
                + " each)";
    }
}
