package dev.steelyard.web.selling.orders;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.table.Guarded;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/**
 * Orders as CSV (RFC 4180): a row for each line, with its order's own columns repeated. Numbers have a decimal point and
 * no thousands, moments are in the shop's time zone. A text that a spreadsheet program would take for a formula gets a
 * leading apostrophe.
 */
final class OrderCsv {

    static final String[] HEADER = {
        "order",
        "placed",
        "customer",
        "email",
        "prices of",
        "country",
        "payment",
        "reference",
        "currency",
        "order total",
        "sku",
        "product",
        "answers",
        "quantity",
        "price each",
        "line before deals",
        "line",
        "tax rate",
        "tax",
        "card",
        "deals",
        "codes",
        "sold by",
        "charged",
        "line charged"
    };

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss");

    private final CSVPrinter printer;
    private final OrderViews views;

    OrderCsv(Appendable to, OrderViews views) {
        this.views = views;
        try {
            this.printer = new CSVPrinter(
                    to, CSVFormat.RFC4180.builder().setHeader(HEADER).get());
        } catch (IOException notWritten) {
            throw new UncheckedIOException(notWritten);
        }
    }

    void add(StoredOrder order, ZoneId zone) {
        OrderView view = views.of(order, zone);
        String deals = String.join(
                "; ",
                view.deals().stream()
                        .map(deal -> deal.name() + " " + deal.saved())
                        .toList());
        String codes = String.join("; ", view.codes());
        for (int i = 0; i < order.lines().size(); i++) {
            StoredOrderLine line = order.lines().get(i);
            OrderView.Line shown = view.lines().get(i);
            print(
                    order.number(),
                    MOMENT.format(order.placedAt().atZone(zone)),
                    text(order.buyer()),
                    text(order.email()),
                    order.pricedFor() == null ? "" : text(order.pricedFor()),
                    order.country() == null ? "" : order.country(),
                    order.payment(),
                    order.paymentReference(),
                    order.currency(),
                    plain(order.total(), order.minorDigits()),
                    text(line.sku()),
                    text(line.name()),
                    text(String.join("; ", shown.answers())),
                    line.quantity(),
                    plain(line.pricePerPiece(), line.pieceDecimals()),
                    plain(line.total(), order.minorDigits()),
                    plain(line.afterDeals() == null ? line.total() : line.afterDeals(), order.minorDigits()),
                    plain(line.taxRate(), 0),
                    plain(line.tax(), order.minorDigits()),
                    text(line.card()),
                    text(deals),
                    text(codes),
                    order.keyName() == null ? "" : text(order.keyName()),
                    plain(order.charged(), order.minorDigits()),
                    plain(line.charged(), order.minorDigits()));
        }
    }

    private void print(Object... cells) {
        try {
            printer.printRecord(cells);
        } catch (IOException notWritten) {
            throw new UncheckedIOException(notWritten);
        }
    }

    private static String plain(@Nullable BigDecimal number, int decimals) {
        return number == null ? "" : Decimals.plain(number, decimals);
    }

    /** No cell can run as a formula. */
    static String text(String text) {
        return Guarded.out(text);
    }
}
