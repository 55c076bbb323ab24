package dev.steelyard.web.sold.figures;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.format.table.Guarded;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Allowed;
import dev.steelyard.web.shop.people.Right;
import dev.steelyard.web.sold.lines.Period;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.SoldFigures;
import dev.steelyard.web.sold.lines.Which;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What was sold, for the owner: of the shop, a product, a card or a deal. */
@Controller
class SoldFiguresController {

    private static final List<String> FIELDS =
            List.of("product", "card", "deal", "group", "where", "period", "from", "until", "by");

    private final SoldPages pages;
    private final Shops shops;

    SoldFiguresController(SoldPages pages, Shops shops) {
        this.pages = pages;
        this.shops = shops;
    }

    @GetMapping("/sold")
    String sold(@RequestParam Map<String, String> sent, HttpServletRequest request, Model model) {
        SoldSearch search = search(sent);
        model.addAttribute("page", pages.page(search, Allowed.to(Right.DRAFT, request)));
        model.addAttribute("periods", Period.values());
        model.addAttribute("period", search.period());
        model.addAttribute("places", Which.Where.values());
        model.addAttribute("place", search.which().where());
        model.addAttribute(
                "groups", shops.groups().stream().map(CustomerGroup::name).toList());
        model.addAttribute("currency", shops.current().currency());
        model.addAttribute("faults", search.faults());
        FIELDS.forEach(field -> model.addAttribute("in_" + field, sent.getOrDefault(field, "")));
        if (search.period() != Period.OWN) {
            model.addAttribute("in_from", "").addAttribute("in_until", "");
        }
        model.addAttribute("in_period", search.period().code());
        return "sold/figures";
    }

    private SoldSearch search(Map<String, String> sent) {
        return SoldSearch.read(sent, shops.today(), Sales.where(shops.current()));
    }

    /** The same as a file; costs only for whoever may see them. */
    @GetMapping("/sold.csv")
    void csv(@RequestParam Map<String, String> sent, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        SoldSearch search = search(sent);
        boolean costs = Allowed.to(Right.DRAFT, request);
        FileNames.csv(response, "sold", "sold");
        try (Writer writer = response.getWriter();
                CSVPrinter printer = new CSVPrinter(writer, CSVFormat.RFC4180)) {
            List<String> heading = new ArrayList<>(List.of(
                    pages.heading(search).toLowerCase(Locale.ROOT),
                    "beside",
                    "orders",
                    "lines",
                    "pieces",
                    "amount in base units",
                    "turnover",
                    "reductions"));
            if (costs) {
                heading.addAll(List.of("without tax where cost is known", "cost", "margin %"));
            }
            printer.printRecord(heading);
            for (SoldPages.Written one : pages.parts(search)) {
                printer.printRecord(cells(one, costs));
            }
        }
    }

    private static List<Object> cells(SoldPages.Written one, boolean costs) {
        SoldFigures figures = one.part().figures();
        List<Object> cells = new ArrayList<>(List.of(
                Guarded.out(one.named().name()),
                Guarded.out(one.named().small()),
                figures.orders(),
                figures.lines(),
                figures.pieces(),
                Decimals.plain(figures.amount(), 0),
                plain(figures.turnover()),
                plain(figures.reduced())));
        if (costs) {
            cells.addAll(List.of(plain(figures.known()), Decimals.plain(figures.cost(), 0), plain(figures.margin())));
        }
        return cells;
    }

    private static String plain(@Nullable BigDecimal number) {
        return number == null ? "" : number.toPlainString();
    }
}
