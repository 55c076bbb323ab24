package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.LowestPrice;
import dev.steelyard.core.announced.PriceSpan;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.table.Guarded;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The lowest price that everyone paid for one, day by day, of each item of a product. */
@Controller
class LowestController {

    private static final int DAYS = 2 * LowestPrice.DAYS;

    private final GoodsStore goods;
    private final AnnouncedSpans spans;
    private final Reductions reductions;
    private final Shops shops;

    LowestController(GoodsStore goods, AnnouncedSpans spans, Reductions reductions, Shops shops) {
        this.goods = goods;
        this.spans = spans;
        this.reductions = reductions;
        this.shops = shops;
    }

    /** @param prices one for each item, empty for none */
    record Day(String day, List<String> prices) {}

    @GetMapping("/goods/{id}/lowest")
    String show(@PathVariable long id, Model model) {
        GoodsEntry entry = found(id);
        List<Item> items = entry.product().items();
        Map<LocalDate, Map<String, BigDecimal>> days = days(items);
        List<Day> lines = new ArrayList<>();
        days.forEach((day, prices) -> lines.add(new Day(
                Show.day(day),
                items.stream()
                        .map(item -> prices.get(item.sku().value()))
                        .map(price -> price == null
                                ? ""
                                : Show.money(price, shops.current().minorDigits()))
                        .toList())));
        model.addAttribute("id", id);
        model.addAttribute("name", entry.name());
        model.addAttribute("items", items.stream().map(Item::name).toList());
        model.addAttribute("days", lines);
        model.addAttribute(
                "named",
                items.stream()
                        .filter(item -> reductions.lowest(item) != null)
                        .map(item -> item.name() + ": "
                                + Show.money(
                                        reductions.lowest(item), shops.current().minorDigits()))
                        .toList());
        model.addAttribute("switchedOff", !shops.current().habits().lowestNamed());
        return "pastprices/lowest";
    }

    @GetMapping("/goods/{id}/lowest.csv")
    void csv(@PathVariable long id, HttpServletResponse response) throws IOException {
        GoodsEntry entry = found(id);
        FileNames.csv(response, entry.name(), "lowest prices");
        try (CSVPrinter csv = new CSVPrinter(response.getWriter(), CSVFormat.RFC4180)) {
            csv.printRecord("day", "sku", "lowest price for everyone, of one");
            for (var day : days(entry.product().items()).entrySet()) {
                for (var price : day.getValue().entrySet()) {
                    csv.printRecord(day.getKey(), Guarded.out(price.getKey()), Decimals.plain(price.getValue(), 0));
                }
            }
        }
    }

    private GoodsEntry found(long id) {
        return goods.find(id).orElseThrow(() -> new NotThere("There is no product with the number " + id + "."));
    }

    /** The latest day first. */
    private Map<LocalDate, Map<String, BigDecimal>> days(List<Item> items) {
        ZoneId zone = shops.current().zone();
        LocalDate today = shops.today();
        LocalDate first = today.minusDays(DAYS - 1L);
        Map<LocalDate, Map<String, BigDecimal>> days = new LinkedHashMap<>();
        for (LocalDate day = today; !day.isBefore(first); day = day.minusDays(1)) {
            days.put(day, new LinkedHashMap<>());
        }
        for (Item item : items) {
            List<PriceSpan> known =
                    spans.of(item.sku().value(), first.atStartOfDay(zone).toInstant());
            LowestPrice.byDay(known, first, today, zone)
                    .forEach((day, price) -> days.get(day).put(item.sku().value(), price));
        }
        days.values().removeIf(Map::isEmpty);
        return days;
    }
}
