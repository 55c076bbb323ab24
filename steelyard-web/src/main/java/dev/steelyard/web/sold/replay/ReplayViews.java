package dev.steelyard.web.sold.replay;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.replay.Totals;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.sold.lines.Which;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Says in words and figures what came of replays. */
@Component
public class ReplayViews {

    private static final int MOST_PARTS = 30;

    private final Books books;
    private final Replays replays;

    ReplayViews(Books books, Replays replays) {
        this.books = books;
        this.replays = replays;
    }

    /** Those of a draft or sheet that are kept, the latest first. */
    public List<ReplayView.Kept> kept(String kind, long subject) {
        Shop shop = books.inForce().shop();
        return replays.of(kind, subject).stream()
                .map(one -> new ReplayView.Kept(one.id(), words(one, shop), state(one)))
                .toList();
    }

    private static String words(ReplayRun run, Shop shop) {
        String values = run.asked().getOrDefault("values", "");
        return Show.moment(run.madeAt(), shop.zone()) + ", " + run.madeBy()
                + (values.isEmpty() ? "" : ", values " + values) + ", " + Show.whole(run.total())
                + (run.total() == 1 ? " order" : " orders");
    }

    private static String state(ReplayRun run) {
        return switch (run.state()) {
            case RUNNING -> "running, " + run.percent() + " %";
            case DONE -> "done";
            case CANCELLED -> "cancelled";
            case FAILED -> "failed";
        };
    }

    /**
     * A replay.
     *
     * @param asked which of several that were tried is looked at closely
     * @param margins whether whoever looks may see them
     * @param stale whether what was tried has been changed since
     */
    public ReplayView of(ReplayRun run, int asked, boolean margins, boolean stale) {
        BookInForce book = books.inForce();
        List<ReplayResult> results = run.results();
        int at = Math.max(0, Math.min(asked, results.size() - 1));
        Figures figures = new Figures(book.shop().minorDigits());
        ReplayResult close = results.isEmpty() ? null : results.get(at);
        return new ReplayView(
                run.id(),
                words(run, book.shop()),
                state(run),
                run.state() == ReplayRun.State.RUNNING,
                run.percent(),
                run.problem(),
                results.stream().map(ReplayResult::label).toList(),
                results.isEmpty() ? List.of() : rows(results, run, figures, margins),
                at,
                close == null ? List.of() : parts(close, book, figures, margins),
                close == null ? List.of() : orders(close.most(), figures),
                close == null ? List.of() : orders(close.refusedMost(), figures),
                close == null ? List.of() : notes(close),
                stale);
    }

    /** Money in words. */
    private record Figures(int minor) {

        String money(BigDecimal value) {
            return Show.money(value.setScale(minor, RoundingMode.HALF_UP), minor);
        }

        String difference(BigDecimal before, BigDecimal after) {
            BigDecimal by = after.subtract(before).setScale(minor, RoundingMode.HALF_UP);
            String sign = by.signum() > 0 ? "+ " : by.signum() < 0 ? "− " : "";
            BigDecimal share = before.signum() == 0
                    ? BigDecimal.ZERO
                    : by.abs().movePointRight(2).divide(before.abs(), 1, RoundingMode.HALF_UP);
            return sign
                    + Show.money(by.abs(), minor)
                    + (share.signum() == 0 ? "" : ", " + sign + Decimals.plain(share, 0) + " %");
        }

        static String margin(Totals totals) {
            BigDecimal margin = totals.margin();
            return margin == null ? "–" : margin.toPlainString() + " %";
        }
    }

    private static List<ReplayView.Row> rows(
            List<ReplayResult> results, ReplayRun run, Figures figures, boolean margins) {
        List<ReplayView.Row> rows = new ArrayList<>();
        add(rows, results, "Orders", "with these goods, that both can price", one -> Show.whole(one.orders()));
        add(rows, results, "Turnover when they were sold", "", one -> figures.money(one.then()));
        add(rows, results, "as live now", "", one -> figures.money(one.now().turnover()));
        add(
                rows,
                results,
                "as tried",
                "everybody orders the same",
                one -> figures.money(one.other().turnover()));
        add(
                rows,
                results,
                "Difference",
                "tried beside live now",
                one -> figures.difference(one.now().turnover(), one.other().turnover()));
        String within = run.asked().getOrDefault("within", "0");
        String takeUp = run.asked().getOrDefault("takeUp", "0");
        if (!takeUp.replaceAll("[0.,% ]", "").isEmpty()) {
            add(
                    rows,
                    results,
                    "Turnover if some take up",
                    "of the pieces, or the one measurement, at most " + within + " % below a break that is new, "
                            + takeUp + " % take up to it",
                    one -> figures.money(one.assumed().turnover()));
            add(rows, results, "Lines within reach of it", "", one -> Show.whole(one.lifted()));
        }
        add(
                rows,
                results,
                "Reductions",
                "by breaks and deals, live now → tried",
                one -> figures.money(one.now().reduced()) + " → "
                        + figures.money(one.other().reduced()));
        if (margins) {
            add(
                    rows,
                    results,
                    "Margin",
                    "of the price without tax, where the cost is known, live now → tried",
                    one -> Figures.margin(one.now()) + " → " + Figures.margin(one.other()));
        }
        add(
                rows,
                results,
                "Orders dearer, cheaper",
                "",
                one -> Show.whole(one.dearer()) + ", " + Show.whole(one.cheaper()));
        if (results.stream().anyMatch(one -> one.refused() > 0)) {
            add(rows, results, "Orders refused", "sold now, and no longer then", one -> Show.whole(one.refused()));
        }
        return rows;
    }

    private static void add(
            List<ReplayView.Row> rows,
            List<ReplayResult> results,
            String name,
            String help,
            Function<ReplayResult, String> value) {
        rows.add(new ReplayView.Row(name, help, results.stream().map(value).toList()));
    }

    private static List<ReplayView.Parts> parts(
            ReplayResult result, BookInForce book, Figures figures, boolean margins) {
        List<ReplayView.Part> groups = result.groups().stream()
                .map(one -> part(one.key().isEmpty() ? Which.EVERYONE : one.key(), one.now(), one.other(), figures))
                .toList();
        List<ReplayView.Part> products = result.products().stream()
                .limit(MOST_PARTS)
                .map(one -> part(called(one.key(), book), one.now(), one.other(), figures))
                .toList();
        List<ReplayView.Part> breaks = result.breaks().stream()
                .limit(MOST_PARTS)
                .map(one -> part(
                        one.card() + ", " + (one.from() == null ? "no break" : "from " + Decimals.plain(one.from(), 0)),
                        one.now(),
                        one.other(),
                        figures))
                .toList();
        return List.of(
                new ReplayView.Parts("groups", "Group", groups, margins),
                new ReplayView.Parts("products", "Product", products, margins),
                new ReplayView.Parts("breaks", "Break reached", breaks, margins));
    }

    private static String called(String sku, BookInForce book) {
        return book.book().product(new Sku(sku)).map(product -> product.name()).orElse(sku);
    }

    private static ReplayView.Part part(String name, Totals now, Totals other, Figures figures) {
        return new ReplayView.Part(
                name,
                figures.money(now.turnover()),
                figures.money(other.turnover()),
                figures.difference(now.turnover(), other.turnover()),
                Show.whole(now.lines()),
                Show.whole(other.lines()),
                Figures.margin(now),
                Figures.margin(other));
    }

    private static List<ReplayView.Order> orders(List<ReplayResult.Changed> changed, Figures figures) {
        return changed.stream()
                .map(one -> new ReplayView.Order(
                        one.number(),
                        figures.money(one.now()),
                        figures.money(one.other()),
                        figures.difference(one.now(), one.other())))
                .toList();
    }

    private static List<String> notes(ReplayResult result) {
        List<String> notes = new ArrayList<>();
        notes.add("Every order is priced whole, with its deals, for its own customer and moment: no samples.");
        if (result.apart() > 0) {
            notes.add(Show.whole(result.apart()) + (result.apart() == 1 ? " order" : " orders")
                    + " cannot be priced by what is live now either, and are left out.");
        }
        if (result.unknown() > 0) {
            notes.add(Show.whole(result.unknown()) + (result.unknown() == 1 ? " order" : " orders")
                    + " of before it was kept what was asked are left out.");
        }
        return notes;
    }
}
