package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Allowed;
import dev.steelyard.web.shop.people.Right;
import dev.steelyard.web.shop.people.StaffMember;
import dev.steelyard.web.sold.lines.Period;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.ReplayCsv;
import dev.steelyard.web.sold.replay.ReplayRun;
import dev.steelyard.web.sold.replay.ReplayView;
import dev.steelyard.web.sold.replay.ReplayViews;
import dev.steelyard.web.sold.replay.Replays;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Holds a checked price sheet, or an action, against what was sold, before it is applied. */
@Controller
@RequestMapping("/sheets/{id:\\d+}/replay")
class SheetReplayController {

    private static final String KIND = "sheets";
    private static final String VIEW = "sheets/replay";

    private final Batches batches;
    private final SheetTried tried;
    private final Replays replays;
    private final ReplayViews views;
    private final Books books;
    private final Shops shops;

    SheetReplayController(
            Batches batches, SheetTried tried, Replays replays, ReplayViews views, Books books, Shops shops) {
        this.batches = batches;
        this.tried = tried;
        this.replays = replays;
        this.views = views;
        this.books = books;
        this.shops = shops;
    }

    /** What the page shows. */
    record SheetReplayPage(String name, String base, @Nullable ReplayView run, List<ReplayView.Kept> runs) {}

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long run,
            @RequestParam(defaultValue = "0") int at,
            HttpServletRequest request,
            Model model) {
        fill(id, run, at, request, model);
        model.addAttribute("periods", Period.values());
        model.addAttribute("ready", priced(id).state() == BatchState.READY);
        return VIEW;
    }

    @GetMapping("/progress")
    String progress(@PathVariable long id, @RequestParam long run, HttpServletRequest request, Model model) {
        fill(id, run, 0, request, model);
        return "editing/replay :: outcome";
    }

    private void fill(long id, long run, int at, HttpServletRequest request, Model model) {
        Batch batch = priced(id);
        ReplayRun found = run == 0 ? null : found(id, run);
        model.addAttribute(
                "page",
                new SheetReplayPage(
                        batch.title(),
                        "/sheets/" + id,
                        found == null
                                ? null
                                : views.of(
                                        found, at, Allowed.to(Right.DRAFT, request), batch.state() != BatchState.READY),
                        views.kept(KIND, id)));
    }

    private Batch priced(long id) {
        return batches.find(id)
                .filter(batch -> batch.origin() != Batch.Origin.GOODS)
                .orElseThrow(() -> NotThere.batch(id));
    }

    private ReplayRun found(long id, long run) {
        return replays.get(KIND, id, run);
    }

    @PostMapping
    String begin(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String period,
            @AuthenticationPrincipal StaffMember who) {
        Batch batch = priced(id);
        if (batch.state() != BatchState.READY) {
            return "redirect:/sheets/" + id + "/replay";
        }
        Period of = Period.of(period).orElse(Period.YEAR);
        long run = replays.begin(
                new Replays.About(KIND, id, 0, Map.of("period", of.code()), who.name()),
                new Replays.Terms(
                        Which.ALL.at(Sales.where(shops.current())).within(of.from(shops.today()), null),
                        Assumption.SAME,
                        shops.current().bounds().dearest()),
                List.of(tried.of(id, batch.title(), books.inForce())));
        return "redirect:/sheets/" + id + "/replay?run=" + run;
    }

    @GetMapping("/replay.csv")
    void csv(@PathVariable long id, @RequestParam long run, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        ReplayCsv.answer(found(id, run), priced(id).title(), Allowed.to(Right.DRAFT, request), response);
    }

    @PostMapping("/cancel")
    String cancel(@PathVariable long id, @RequestParam long run) {
        found(id, run);
        replays.cancel(run);
        return "redirect:/sheets/" + id + "/replay?run=" + run;
    }
}
