package dev.steelyard.web.sold.figures;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.sold.figures.SoldPage.Figure;
import dev.steelyard.web.sold.figures.SoldPage.Row;
import dev.steelyard.web.sold.figures.SoldPage.Tab;
import dev.steelyard.web.sold.lines.By;
import dev.steelyard.web.sold.lines.PartSold;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.Sold;
import dev.steelyard.web.sold.lines.SoldFigures;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts together what the page of what was sold shows. */
@Component
class SoldPages {

    private static final int MOST_ROWS = 200;

    private final Sales sales;
    private final Books books;
    private final GoodsStore goods;

    SoldPages(Sales sales, Books books, GoodsStore goods) {
        this.goods = goods;
        this.sales = sales;
        this.books = books;
    }

    /** @param costs whether whoever looks may see costs and margins */
    SoldPage page(SoldSearch search, boolean costs) {
        Sold sold = sales.sold();
        BookInForce book = books.inForce();
        Which which = search.which();
        SoldNames names = new SoldNames(book, sold, asking(book, which));
        SoldFigures all = sold.figures(which);
        Sold.Asked asked = sold.asked(which);
        List<String> measures = asked.asks().stream()
                .filter(names::isMeasured)
                .sorted(Comparator.comparingInt(names::place))
                .toList();
        boolean sizes = measures.size() > 1;
        By by = search.by() == null ? usual(which) : search.by();
        boolean bySize = search.size() && sizes;
        Measure measure = measure(book, which);
        int minor = book.shop().minorDigits();
        List<PartSold> parts = bySize ? List.of() : sold.by(which, by);
        return new SoldPage(
                names.of(which.of()),
                about(which),
                all.lines() == 0,
                !sold.isEmpty(),
                figures(all, which, sold, measure, minor, costs),
                tabs(book, which, asked, names, bySize ? null : by, sizes, bySize),
                bySize ? "Size" : heading(by, names),
                parts.stream()
                        .limit(MOST_ROWS)
                        .map(part -> row(
                                names.of(part, by, which.of().kind() == Which.Kind.CARD),
                                part.figures(),
                                all,
                                measure,
                                minor,
                                costs))
                        .toList(),
                Math.max(0, parts.size() - MOST_ROWS),
                bySize ? sizes(names, sold, which, measures.get(0), measures.get(1)) : null,
                MonthBars.of(sold.by(which, By.of(By.What.MONTH)), minor),
                measure != null,
                costs);
    }

    private static @Nullable SizeField sizes(SoldNames names, Sold sold, Which which, String across, String down) {
        return SizeField.of(
                        names.label(across) + ", " + names.measured(across),
                        names.label(down) + ", " + names.measured(down),
                        sold.sizes(which, names.measurement(across), names.measurement(down)))
                .orElse(null);
    }

    /** The parts with their names, for a file. */
    record Written(SoldNames.Named named, PartSold part) {}

    List<Written> parts(SoldSearch search) {
        Sold sold = sales.sold();
        SoldNames names = names(search);
        By by = by(search);
        return sold.by(search.which(), by).stream()
                .map(part -> new Written(names.of(part, by, false), part))
                .toList();
    }

    By by(SoldSearch search) {
        return search.by() == null ? usual(search.which()) : search.by();
    }

    String heading(SoldSearch search) {
        return heading(by(search), names(search));
    }

    private SoldNames names(SoldSearch search) {
        BookInForce book = books.inForce();
        return new SoldNames(book, sales.sold(), asking(book, search.which()));
    }

    private static By usual(Which which) {
        return By.of(
                which.of().kind() == Which.Kind.PRODUCT || which.of().kind() == Which.Kind.CARD
                        ? By.What.BREAK
                        : By.What.PRODUCT);
    }

    /** The cards that may have asked: the one meant, those that cover the product, or all. */
    private static List<RateCard> asking(BookInForce book, Which which) {
        Optional<Product> product = product(book, which);
        return book.cards().stream()
                .filter(card -> which.of().kind() != Which.Kind.CARD
                        || card.id() == which.of().id())
                .map(card -> card.card().card())
                .filter(card -> product.isEmpty() || card.covers().covers(product.get()))
                .toList();
    }

    /** What amounts are shown in: the unit of the only card there is; none where there are others too. */
    private record Measure(Unit unit) {

        String of(SoldFigures figures) {
            BigDecimal amount = unit.fromBase(figures.amount()).setScale(2, RoundingMode.HALF_UP);
            return Show.money(amount, 0) + " " + unit.symbol();
        }
    }

    private static @Nullable Measure measure(BookInForce book, Which which) {
        Optional<RateCard> card =
                which.of().kind() == Which.Kind.CARD || which.of().kind() == Which.Kind.PRODUCT
                        ? asking(book, which).stream().findFirst()
                        : Optional.empty();
        return card.flatMap(SoldPages::unit).map(Measure::new).orElse(null);
    }

    private static Optional<Unit> unit(RateCard card) {
        return card.cases().all().stream()
                .map(one -> one.piece())
                .filter(PiecePrice.Rate.class::isInstance)
                .map(rate -> ((PiecePrice.Rate) rate).unit())
                .findFirst();
    }

    private static Optional<Product> product(BookInForce book, Which which) {
        String sku = which.of().sku();
        return Sku.fault(sku) == null ? book.book().product(new Sku(sku)) : Optional.empty();
    }

    private String about(Which which) {
        return switch (which.of().kind()) {
            case SHOP -> "";
            case CARD -> "/cards/" + which.of().id();
            case DEAL -> "/deals/" + which.of().id();
            case PRODUCT -> goods.ids(List.of(which.of().sku())).values().stream()
                    .findFirst()
                    .map(id -> "/goods/" + id)
                    .orElse("");
        };
    }

    private static List<Figure> figures(
            SoldFigures all, Which which, Sold sold, @Nullable Measure measure, int minor, boolean costs) {
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure("Orders", Show.whole(all.orders()), ""));
        figures.add(new Figure("Pieces", Show.whole(all.pieces()), ""));
        if (measure != null) {
            figures.add(new Figure("Amount", measure.of(all), ""));
        }
        figures.add(new Figure("Turnover", Show.money(all.turnover(), minor), "after deals"));
        figures.add(new Figure("Reductions", Show.money(all.reduced(), minor), "what breaks and deals took off"));
        if (which.of().kind() == Which.Kind.DEAL) {
            figures.add(new Figure("This deal took off", Show.money(sold.saved(which), minor), ""));
        }
        if (costs) {
            figures.add(new Figure("Margin", margin(all), known(all)));
        }
        return figures;
    }

    private static String margin(SoldFigures figures) {
        BigDecimal margin = figures.margin();
        return margin == null ? "–" : margin.toPlainString() + " %";
    }

    private static String known(SoldFigures all) {
        return all.margin() == null
                ? "no unit cost is known"
                : "of the price without tax, where the unit cost is known";
    }

    private static Row row(
            SoldNames.Named named,
            SoldFigures figures,
            SoldFigures all,
            @Nullable Measure measure,
            int minor,
            boolean costs) {
        return new Row(
                named.name(),
                named.small(),
                named.link(),
                Show.whole(figures.orders()),
                Show.whole(figures.pieces()),
                measure == null ? "" : measure.of(figures),
                Show.money(figures.turnover(), minor),
                all.turnover().signum() == 0 ? "" : Show.percent(figures.turnover(), all.turnover()),
                Show.money(figures.reduced(), minor),
                !costs || figures.cost().signum() == 0
                        ? ""
                        : Show.money(figures.cost().setScale(minor, RoundingMode.HALF_UP), minor),
                costs ? margin(figures) : "");
    }

    private static String heading(By by, SoldNames names) {
        return switch (by.what()) {
            case PRODUCT -> "Product";
            case VARIANT -> "Variant";
            case CARD -> "Rate card";
            case BREAK -> "Break reached";
            case ANSWER -> names.label(by.ask());
            case PACK -> "Pack";
            case GROUP -> "Prices of";
            case MONTH -> "Month";
        };
    }

    private static List<Tab> tabs(
            BookInForce book,
            Which which,
            Sold.Asked asked,
            SoldNames names,
            @Nullable By on,
            boolean sizes,
            boolean bySize) {
        Which.Kind kind = which.of().kind();
        List<By> all = new ArrayList<>();
        if (kind == Which.Kind.PRODUCT
                && product(book, which).filter(one -> !one.variants().isEmpty()).isPresent()) {
            all.add(By.of(By.What.VARIANT));
        }
        if (kind != Which.Kind.PRODUCT) {
            all.add(By.of(By.What.PRODUCT));
        }
        if (kind == Which.Kind.SHOP || kind == Which.Kind.DEAL || kind == Which.Kind.PRODUCT) {
            all.add(By.of(By.What.CARD));
        }
        if (kind == Which.Kind.PRODUCT || kind == Which.Kind.CARD) {
            all.add(By.of(By.What.BREAK));
            asked.asks().forEach(ask -> all.add(By.answer(ask)));
        }
        if (asked.packs()) {
            all.add(By.of(By.What.PACK));
        }
        all.add(By.of(By.What.GROUP));
        all.add(By.of(By.What.MONTH));
        List<Tab> tabs = new ArrayList<>();
        for (By one : all) {
            tabs.add(new Tab(
                    one.what() == By.What.ANSWER
                            ? "answer:" + one.ask()
                            : one.what().name().toLowerCase(Locale.ROOT),
                    heading(one, names),
                    one.equals(on)));
        }
        if (sizes && (kind == Which.Kind.PRODUCT || kind == Which.Kind.CARD)) {
            tabs.add(new Tab(SoldSearch.SIZE, "Size", bySize));
        }
        return tabs;
    }
}
