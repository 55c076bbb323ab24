package dev.steelyard.format;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.BasketDocument.Expected;
import dev.steelyard.format.BasketDocument.Line;
import dev.steelyard.format.BasketDocument.Order;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads baskets, their lines priced already or to be priced by the document's cards. */
final class BasketReader {

    static final int MOST_LINES = 1000;

    private final ShopRules shop;
    private final Map<Sku, Item> goods = new LinkedHashMap<>();
    private final boolean taxed;

    /** @param taxed whether every line must say its tax class */
    BasketReader(ShopRules shop, List<Product> products, boolean taxed) {
        this.shop = shop;
        this.taxed = taxed;
        products.forEach(product -> product.items().forEach(item -> goods.put(item.sku(), item)));
    }

    Order read(Obj in) {
        List<Line> lines = in.objects("lines", this::line);
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            in.fault("lines", "a basket has 1 to " + MOST_LINES + " lines, not " + lines.size());
        }
        Obj expect = in.optionalObject("expect");
        Order order = new Order(
                lines,
                OrderReader.customer(in),
                in.optionalText("payment"),
                in.textSet("codes"),
                in.textSet("codeLists"),
                in.parsed("date", TimeText.MOMENT),
                expect == null ? null : expected(expect));
        in.done();
        return order;
    }

    private Line line(Obj in) {
        Sku sku = ProductReader.sku(in);
        BigDecimal total = in.optionalDecimal("total");
        Line line;
        if (total == null) {
            BigDecimal quantity = in.decimal("quantity");
            long pieces = Quantity.allowed(quantity) ? quantity.longValueExact() : 0;
            line = new Line.Asked(new OrderLine(sku, pieces, OrderReader.answers(in)), quantity);
        } else {
            if (total.signum() < 0
                    || total.stripTrailingZeros().scale() > shop.rounding().minorDigits()) {
                in.fault(
                        "total",
                        total.toPlainString() + " is no total: it is 0 or more, with at most "
                                + shop.rounding().minorDigits() + " decimals");
                total = BigDecimal.ZERO;
            }
            line = new Line.Given(item(in, sku), in.whole("quantity", Quantity.LEAST, Quantity.MOST), total);
        }
        in.done();
        return line;
    }

    /** The document's own where it has one of this SKU; else what the line says about it. */
    private Item item(Obj in, Sku sku) {
        Item own = goods.get(sku);
        if (own != null) {
            return own;
        }
        String product = in.optionalText("product");
        String fault = product == null ? null : Sku.fault(product);
        if (fault != null) {
            in.fault("product", fault);
        }
        String taxClass = in.optionalText("taxClass");
        if (taxed && taxClass == null) {
            in.fault("taxClass", "“taxClass” is missing: where there is tax, each line has one");
        }
        Traits traits = new Traits(
                categories(in),
                ProductReader.one(in, "brand"),
                ProductReader.one(in, "type"),
                ProductReader.one(in, "supplier"),
                in.textSet("tags"),
                taxClass == null ? Traits.STANDARD_TAX : taxClass);
        @Nullable BigDecimal shelfPrice = ProductReader.money(in, "shelfPrice");
        if (product == null || fault != null || product.equals(sku.value())) {
            return new Item(new Product(sku, sku.value(), shelfPrice, null, null, null, List.of(), traits), null);
        }
        Variant variant = new Variant(sku, sku.value(), null, null, null);
        return new Item(
                new Product(new Sku(product), product, shelfPrice, null, null, null, List.of(variant), traits),
                variant);
    }

    private static Set<String> categories(Obj in) {
        Set<String> categories = new LinkedHashSet<>(in.textSet("categories"));
        String one = in.optionalText("category");
        if (one != null) {
            categories.add(one);
        }
        return categories;
    }

    private static Expected expected(Obj in) {
        Map<BigDecimal, BigDecimal> tax = new LinkedHashMap<>();
        in.fields("tax").forEach((rate, value) -> {
            String place = in.at("tax") + Json.step(rate);
            BigDecimal percent = DecimalText.read(rate).value();
            BigDecimal sum = Values.decimal(value, place, in.issues());
            if (percent == null) {
                in.issues().add(FormatIssue.at(place, "“" + Values.shortened(rate) + "” is no rate in percent"));
            } else if (sum != null) {
                tax.put(percent.stripTrailingZeros(), sum);
            }
        });
        Expected expected = new Expected(
                in.optionalDecimal("total"),
                in.decimals("lines"),
                in.has("used") ? in.texts("used") : null,
                tax,
                in.optionalDecimal("toPay"),
                in.optionalText("refused"));
        if ((expected.total() == null) == (expected.refused() == null)) {
            in.fault("", "what is expected has either “total” or “refused”");
        }
        in.done();
        return expected;
    }
}
