package dev.steelyard.format;

import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Document.Order;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** The worked examples, as files that any program may be held against. */
final class Examples {

    static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    static final ZonedDateTime ANY_DAY = ZonedDateTime.of(2026, 11, 23, 12, 0, 0, 0, ZoneOffset.UTC);

    private Examples() {}

    /** One order of a document. */
    record Example(Document document, Order order) {
        @Override
        public String toString() {
            return document.id() + " " + order.line().quantity() + " "
                    + order.line().answers().byName().values();
        }
    }

    /** One basket of a document. */
    record BasketExample(BasketDocument document, BasketDocument.Order order) {
        @Override
        public String toString() {
            return document.id() + " " + order.lines().size() + " lines " + order.payment() + order.codes();
        }
    }

    static List<Document> documents(String file) {
        return read(file).ofCards();
    }

    static Stream<BasketExample> baskets(String file) {
        return read(file).ofBaskets().stream()
                .flatMap(document -> document.baskets().stream().map(order -> new BasketExample(document, order)));
    }

    private static Documents.Reading read(String file) {
        Documents.Reading reading = Documents.read(text(file), EURO);
        if (!reading.issues().isEmpty()) {
            throw new IllegalStateException(reading.issues().toString());
        }
        return reading;
    }

    static Stream<Example> orders(String file) {
        return documents(file).stream()
                .flatMap(document -> document.orders().stream().map(order -> new Example(document, order)));
    }

    static String text(String file) {
        try (InputStream in = Examples.class.getResourceAsStream("/examples/" + file)) {
            return new String(Objects.requireNonNull(in, file).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException notRead) {
            throw new UncheckedIOException(notRead);
        }
    }
}
