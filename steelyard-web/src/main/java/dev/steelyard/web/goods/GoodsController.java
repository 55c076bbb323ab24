package dev.steelyard.web.goods;

import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The list of goods. */
@Controller
class GoodsController {

    private static final int LONGEST_FIND = 100;

    private final GoodsStore goods;
    private final ListedPrices prices;
    private final Shops shops;

    GoodsController(GoodsStore goods, ListedPrices prices, Shops shops) {
        this.goods = goods;
        this.prices = prices;
        this.shops = shops;
    }

    @GetMapping("/goods")
    String list(
            @RequestParam(defaultValue = "") String find,
            @RequestParam @Nullable Long removed,
            @RequestParam(defaultValue = "false") boolean rowsOnly,
            Model model) {
        String asked = find.length() > LONGEST_FIND ? find.substring(0, LONGEST_FIND) : find;
        Shop shop = shops.current();
        LocalDate today = shops.today();
        model.addAttribute("find", asked);
        model.addAttribute(
                "rows",
                goods.search(asked).stream()
                        .map(entry -> row(entry, shop, today))
                        .toList());
        model.addAttribute("currency", shop.currency());
        model.addAttribute(
                "removed", removed == null ? null : goods.find(removed).orElse(null));
        return rowsOnly ? "goods/list :: rows" : "goods/list";
    }

    /**
     * @param listed what it costs at least, and by what
     * @param shelf the shelf price, and whether there are breaks: “shelf price and breaks”
     * @param findings how many warnings there are
     */
    record Row(
            long id,
            String name,
            String sku,
            String categories,
            int variants,
            ListedPrices.Listed listed,
            String shelf,
            long findings) {}

    private Row row(GoodsEntry entry, Shop shop, LocalDate today) {
        ShopRules rules = shop.rules();
        return new Row(
                entry.id(),
                entry.name(),
                entry.sku(),
                String.join(", ", entry.categories()),
                entry.product().variants().size(),
                prices.of(entry.product()),
                shelf(entry),
                entry.product().items().stream()
                        .flatMap(item -> new PriceFindings(rules.roundingFor(item), shop.smallestMargin())
                                .of(item, today).stream())
                        .distinct()
                        .count());
    }

    private static String shelf(GoodsEntry entry) {
        boolean rows = entry.product().items().stream().anyMatch(item -> item.ownRows() != null);
        return rows ? "shelf price and breaks" : "shelf price";
    }
}
