package dev.steelyard.web.goods.about;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.KeptMargins;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Smallest margins of categories and products, on one page. */
@Controller
@RequestMapping("/goods/margins")
class MarginsController {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final int MOST_DECIMALS = 2;

    private final KeptMargins kept;
    private final MarginsWriter writer;
    private final Categories categories;
    private final GoodsStore goods;
    private final Shops shops;
    private final Books books;

    MarginsController(
            KeptMargins kept, MarginsWriter writer, Categories categories, GoodsStore goods, Shops shops, Books books) {
        this.kept = kept;
        this.writer = writer;
        this.categories = categories;
        this.goods = goods;
        this.shops = shops;
        this.books = books;
    }

    /** @param field by which it is sent */
    record Line(String field, String name, String percent, String fault) {}

    @GetMapping
    String show(@RequestParam(defaultValue = "false") boolean saved, Model model) {
        model.addAttribute("saved", saved);
        return page(typed(), new LinkedHashMap<>(), model);
    }

    /** What is kept, by field: {@code c.17} of a category, {@code p.SHK} of a product. */
    private Map<String, String> typed() {
        Map<String, String> typed = new LinkedHashMap<>();
        Map<String, BigDecimal> ofCategories = kept.ofCategories();
        categories.tree().forEach(one -> typed.put("c." + one.id(), plain(ofCategories.get(one.name()))));
        new TreeMap<>(kept.ofProducts()).forEach((sku, percent) -> typed.put("p." + sku, plain(percent)));
        typed.put("sku", "");
        typed.put("percent", "");
        return typed;
    }

    private static String plain(@Nullable BigDecimal percent) {
        return percent == null ? "" : Decimals.plain(percent, 0);
    }

    private String page(Map<String, String> typed, Map<String, String> faults, Model model) {
        List<Line> ofCategories = new ArrayList<>();
        categories.tree().forEach(one -> {
            String field = "c." + one.id();
            ofCategories.add(
                    new Line(field, one.indented(), typed.getOrDefault(field, ""), faults.getOrDefault(field, "")));
        });
        List<Line> ofProducts = new ArrayList<>();
        typed.forEach((field, percent) -> {
            if (field.startsWith("p.")) {
                String sku = field.substring(2);
                ofProducts.add(new Line(field, sku, percent, faults.getOrDefault(field, "")));
            }
        });
        BigDecimal shop = shops.current().smallestMargin();
        model.addAttribute("shop", shop == null ? "none: not below cost" : plain(shop) + " %");
        model.addAttribute("ofCategories", ofCategories);
        model.addAttribute("ofProducts", ofProducts);
        model.addAttribute("sku", typed.getOrDefault("sku", ""));
        model.addAttribute("percent", typed.getOrDefault("percent", ""));
        model.addAttribute("faults", faults);
        return "described/margins";
    }

    @PostMapping
    String save(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, BigDecimal> percents = new LinkedHashMap<>();
        sent.forEach((field, text) -> {
            if (field.matches("c\\.\\d{1,18}|p\\..{1,200}")) {
                read(field, text, percents, faults);
            }
        });
        String sku = sent.getOrDefault("sku", "").strip();
        String percent = sent.getOrDefault("percent", "").strip();
        if (!sku.isEmpty() || !percent.isEmpty()) {
            if (goods.ids(List.of(sku)).isEmpty()) {
                faults.put("sku", sku.isEmpty() ? "Type the SKU of a product" : "No product has the SKU “" + sku + "”");
            }
            Map<String, BigDecimal> more = new LinkedHashMap<>();
            read("percent", percent, more, faults);
            if (percent.isEmpty()) {
                faults.put("percent", "Type a percentage from 0 to 99.99");
            } else if (more.get("percent") != null) {
                percents.put("p." + sku, more.get("percent"));
            }
        }
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("saved", false);
            return page(new LinkedHashMap<>(sent), faults, model);
        }
        writer.put(percents, who.name());
        books.refresh();
        return "redirect:/goods/margins?saved=true";
    }

    /** An empty field takes the margin away. */
    private static void read(String field, String text, Map<String, BigDecimal> to, Map<String, String> faults) {
        String typed = text.replace("%", "").strip();
        if (typed.isEmpty()) {
            to.put(field, null);
            return;
        }
        BigDecimal value = TypedNumbers.read(typed).value();
        if (value == null || value.signum() < 0 || value.compareTo(HUNDRED) >= 0) {
            faults.put(field, "A percentage from 0 to 99.99, not “" + text.strip() + "”");
        } else if (Decimals.normal(value).scale() > MOST_DECIMALS) {
            faults.put(field, "At most " + MOST_DECIMALS + " decimals, not “" + text.strip() + "”");
        } else {
            to.put(field, value);
        }
    }
}
