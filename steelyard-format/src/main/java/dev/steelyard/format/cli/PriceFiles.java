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
import dev.steelyard.format.Priceable;
import dev.steelyard.format.Trials;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import org.jspecify.annotations.Nullable;

/**
 * Prices the orders of files and holds them against what they expect. Exit codes: 0 all hold, 1 some do not, 2 a file
 * cannot be read or is no document.
 */
public final class PriceFiles {

    static final int ALL_HOLD = 0;
    static final int SOME_DIFFER = 1;
    static final int NOT_READ = 2;

    private static final String EXPLAIN = "--explain";

    private final PrintStream out;
    private final PrintStream err;
    private final LocalDateTime now;
    private final boolean explain;
    private int orders;
    private int differing;
    private boolean notRead;

    private PriceFiles(PrintStream out, PrintStream err, LocalDateTime now, boolean explain) {
        this.out = out;
        this.err = err;
        this.now = now;
        this.explain = explain;
    }

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(arguments), out, err, LocalDateTime.now()));
    }

    /** @param now counts for orders that say no time */
    static int run(List<String> arguments, PrintStream out, PrintStream err, LocalDateTime now) {
        List<String> files =
                arguments.stream().filter(one -> !one.equals(EXPLAIN)).toList();
        if (files.isEmpty()) {
            err.println("usage: ./steelyard price [--explain] FILE.json ...");
            return NOT_READ;
        }
        PriceFiles pricing = new PriceFiles(out, err, now, arguments.contains(EXPLAIN));
        files.forEach(pricing::file);
        out.println(pricing.orders
                + (pricing.orders == 1 ? " order, " : " orders, ")
                + (pricing.differing == 0 ? "all as expected" : pricing.differing + " not as expected"));
        if (pricing.notRead) {
            return NOT_READ;
        }
        return pricing.differing == 0 ? ALL_HOLD : SOME_DIFFER;
    }

    private void file(String name) {
        Documents.Reading reading;
        try {
            reading = Documents.read(Files.readString(Path.of(name)), ShopRules.of(Currency.getInstance("EUR")));
        } catch (IOException | InvalidPathException unreadable) {
            err.println(name + ": cannot be read: " + unreadable.getMessage());
            notRead = true;
            return;
        }
        for (FormatIssue issue : reading.issues()) {
            String place = issue.from() == null ? "" : ", characters " + issue.from() + " to " + issue.to();
            err.println(name + issue.at().replaceFirst("^", "#") + place + ": " + issue.message());
            notRead = true;
        }
        for (Priceable document : reading.documents()) {
            if (document instanceof Document orders) {
                document(orders);
            } else {
                baskets((BasketDocument) document);
            }
        }
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
        out.println(document.id() == null ? document.card().card().name() : document.id());
        for (Order order : document.orders()) {
            orders++;
            LineResult result = Trials.price(document, order, now);
            String mismatch = Trials.mismatch(order, result);
            out.println(mark(order.expected() != null, mismatch) + asked(order) + "  "
                    + (mismatch == null ? came(result, document) : mismatch));
            if (explain && result instanceof PricedLine line) {
                for (Step step : line.reckoning().steps()) {
                    out.println("        " + step.label() + ": " + step.detail() + " = " + step.result()
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
            return "refused (" + refused.place() + "): " + refused.message();
        }
        PricedLine line = (PricedLine) result;
        return line.total() + " " + document.shop().currency().getCurrencyCode() + " (" + line.shownPerPiece()
                + " each)";
    }
}
