package dev.steelyard.web.store.panel;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.format.CardWriter;
import dev.steelyard.format.Json;
import dev.steelyard.web.shop.Shop;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders as a file of the open format, priced by the command as anybody would: in a process that knows no shop. */
final class PricedByFile {

    private final ArrayNode documents = Json.array();
    private final Shop shop;
    private final ZonedDateTime at;

    PricedByFile(Shop shop, ZonedDateTime at) {
        this.shop = shop;
        this.at = at;
    }

    /** @param line what it should come to; empty where it is to be refused at a place */
    void add(
            Product product,
            RateCard card,
            String sku,
            int quantity,
            Map<String, String> answers,
            String pack,
            String line,
            String refusedAt) {
        ObjectNode document = documents.addObject();
        document.putObject("shop")
                .put("currency", shop.currency())
                .put("minorDigits", shop.minorDigits())
                .put("timeZone", shop.zone().getId());
        document.set("product", product(product));
        document.set("card", CardWriter.write(card));
        ObjectNode order = document.putArray("orders").addObject();
        order.put("sku", sku)
                .put("quantity", quantity)
                .put("date", at.toOffsetDateTime().toString());
        answers.forEach(order.putObject("answers")::put);
        if (!pack.isEmpty()) {
            order.put("pack", pack);
        }
        ObjectNode expect = order.putObject("expect");
        if (line.isEmpty()) {
            expect.put("refused", refusedAt);
        } else {
            expect.put("line", line);
        }
    }

    /** @return what the command said, with its exit code behind it */
    String run(Path folder) throws IOException, InterruptedException {
        Path file = Files.writeString(folder.resolve("orders.json"), Json.write(documents));
        Process command = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        "dev.steelyard.format.cli.PriceFiles",
                        file.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(command.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return said + "exit " + command.waitFor();
    }

    private static ObjectNode product(Product product) {
        ObjectNode node = Json.object().put("sku", product.sku().value());
        decimal(node, "shelfPrice", product.shelfPrice());
        decimal(node, "unitCost", product.unitCost());
        if (product.unitPriceDecimals() != null) {
            node.put("unitPriceDecimals", product.unitPriceDecimals());
        }
        PriceRows any = product.variants().stream()
                .map(one -> one.ownRows())
                .filter(rows -> rows != null)
                .findFirst()
                .orElse(product.ownRows());
        if (any != null) {
            node.put("rowsOver", any.over() == Over.LINE ? "line" : "product");
        }
        rows(node, product.ownRows());
        ArrayNode variants = node.putArray("variants");
        product.variants().forEach(one -> {
            ObjectNode variant = variants.addObject().put("sku", one.sku().value());
            decimal(variant, "shelfPrice", one.shelfPrice());
            decimal(variant, "unitCost", one.unitCost());
            rows(variant, one.ownRows());
        });
        return node;
    }

    private static void rows(ObjectNode node, @Nullable PriceRows rows) {
        if (rows != null) {
            ArrayNode array = node.putArray("rows");
            for (Break row : rows.breaks()) {
                ObjectNode one = array.addObject();
                decimal(one, "from", row.from());
                decimal(one, "value", row.value());
                if (row.group() != null) {
                    one.put("group", row.group());
                }
                if (row.validity().from() != null) {
                    one.put("fromDate", row.validity().from().toString());
                }
                if (row.validity().until() != null) {
                    one.put("untilDate", row.validity().until().toString());
                }
            }
        }
    }

    private static void decimal(ObjectNode node, String field, @Nullable BigDecimal value) {
        if (value != null) {
            node.put(field, value.toPlainString());
        }
    }
}
