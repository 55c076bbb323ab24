package dev.steelyard.web.store.panel;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Json;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.shown.TypedAnswers;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.store.keys.MadeKeys;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.StoreCalls;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Wherever a price is asked, it is the same to the cent: random orders over all cards of the demo shop. */
@ExtendWith(WithApp.class)
class EqualPricesTest {

    private static final int ORDERS = 500;
    private static final long SEED = 20_261_130;
    private static final Pattern TOTAL = Pattern.compile("id=\"total\">([^<]*)<");

    /** An order. @param pack empty for none */
    private record Order(Item item, int quantity, Map<String, String> answers, String pack) {

        String sku() {
            return item.sku().value();
        }
    }

    @Test
    void counterPanelCallsAndTheCommandAgree(App app, Http shopper, @TempDir Path folder) throws Exception {
        List<Order> orders = orders(app);
        ObjectNode request = Json.object().put("together", false);
        ArrayNode lines = request.putArray("lines");
        orders.forEach(order -> line(lines.addObject(), order));
        JsonNode priced = MadeKeys.calls(app)
                .post("/api/v1/prices", Json.write(request))
                .json()
                .path("lines");
        StoreCalls page = StoreCalls.with(app, MadeKeys.page(app).text()).from(MadeKeys.PAGE);
        BookInForce book = app.bean(Books.class).refresh();
        ZonedDateTime now = app.bean(Shops.class).now();
        PricedByFile command = new PricedByFile(book.shop(), now);
        int sold = 0;
        for (int i = 0; i < orders.size(); i++) {
            Order order = orders.get(i);
            String called = priced.get(i).path("line").asString("");
            String shown = page.post("/api/v1/panel", Json.write(panel(order)))
                    .json()
                    .at("/price/total")
                    .asString("")
                    .replace(",", "");
            Matcher total = TOTAL.matcher(shopper.get(counter(order)).body());
            String counted = total.find() ? total.group(1).replace(",", "") : "";
            assertThat(shown).as("the panel, %s", order).isEqualTo(called);
            assertThat(counted).as("the counter, %s", order).isEqualTo(called);
            Item item = order.item();
            command.add(
                    item.product(),
                    book.book().cardFor(item.sku(), Customer.EVERYONE, now).card(),
                    order.sku(),
                    order.quantity(),
                    order.answers(),
                    order.pack(),
                    called,
                    priced.get(i).at("/refused/at").asString(""));
            sold += called.isEmpty() ? 0 : 1;
        }
        assertThat(sold).isGreaterThan(ORDERS / 2); // the others are refused, everywhere alike
        assertThat(command.run(folder))
                .contains(ORDERS + " orders, all as expected")
                .endsWith("exit 0");
    }

    private static List<Order> orders(App app) {
        BookInForce book = app.bean(Books.class).refresh();
        Random random = new Random(SEED);
        List<Item> items =
                book.goods().stream().flatMap(one -> one.items().stream()).toList();
        List<Order> orders = new ArrayList<>();
        for (int i = 0; i < ORDERS; i++) {
            Item item = items.get(random.nextInt(items.size()));
            PreparedCard card = book.book()
                    .cardFor(
                            item.sku(), Customer.EVERYONE, app.bean(Shops.class).now());
            Map<String, String> answers = new LinkedHashMap<>();
            for (Ask ask : card.card().asks()) {
                answers.put(ask.name(), answer(ask, random));
            }
            List<String> packs = TypedAnswers.packs(card.card());
            String pack = packs.isEmpty() || random.nextInt(3) == 0 ? "" : packs.get(random.nextInt(packs.size()));
            int most = random.nextInt(4) == 0 ? 3_000 : 40;
            orders.add(new Order(item, 1 + random.nextInt(most), answers, pack));
        }
        return orders;
    }

    private static String answer(Ask ask, Random random) {
        if (ask instanceof Choice choice) {
            return choice.options().get(random.nextInt(choice.options().size())).name();
        }
        Measurement measurement = (Measurement) ask;
        BigDecimal least = measurement.least() == null ? BigDecimal.ONE : measurement.least();
        BigDecimal most = measurement.most() == null ? least.add(BigDecimal.valueOf(100)) : measurement.most();
        BigDecimal step = measurement.step() == null ? new BigDecimal("0.5") : measurement.step();
        BigDecimal steps = most.subtract(least).divide(step, 0, RoundingMode.DOWN);
        return least.add(step.multiply(BigDecimal.valueOf(random.nextInt(steps.intValue() + 1))))
                .toPlainString();
    }

    private static void line(ObjectNode line, Order order) {
        line.put("sku", order.sku()).put("quantity", order.quantity());
        ObjectNode answers = line.putObject("answers");
        order.answers().forEach(answers::put);
        if (!order.pack().isEmpty()) {
            line.put("pack", order.pack());
        }
    }

    private static ObjectNode panel(Order order) {
        ObjectNode body = Json.object()
                .put("sku", order.sku())
                .put("quantity", "" + order.quantity())
                .put("sent", true)
                .put("pack", order.pack());
        ObjectNode fields = body.putObject("fields");
        order.answers().forEach((name, value) -> fields.put("a." + name, value));
        return body;
    }

    private static String counter(Order order) {
        StringBuilder query = new StringBuilder("/counter/price?sent=yes&sku=" + order.sku() + "&quantity="
                + order.quantity() + "&pack=" + encoded(order.pack()));
        order.answers()
                .forEach((name, value) ->
                        query.append("&a.").append(name).append('=').append(encoded(value)));
        return query.toString();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
