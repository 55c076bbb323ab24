package dev.steelyard.web.editing.replay;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.live.LiveShown;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.Allowed;
import dev.steelyard.web.shop.people.Right;
import dev.steelyard.web.shop.people.StaffMember;
import dev.steelyard.web.sold.lines.Period;
import dev.steelyard.web.sold.lines.Sales;
import dev.steelyard.web.sold.replay.ReplayCsv;
import dev.steelyard.web.sold.replay.ReplayRun;
import dev.steelyard.web.sold.replay.Replays;
import dev.steelyard.web.sold.replay.Tried;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Holds a draft against what was sold. */
@Controller
@RequestMapping("/{where:cards|deals|goods}/{id}/replay")
class ReplayController {

    private static final String VIEW = "editing/replay";

    private final Drafts drafts;
    private final Replays replays;
    private final ReplayPages pages;
    private final Shops shops;
    private final Books books;
    private final Map<DraftKind, LiveShown> shown = new EnumMap<>(DraftKind.class);

    ReplayController(
            Drafts drafts, Replays replays, ReplayPages pages, Shops shops, Books books, List<LiveShown> kinds) {
        this.drafts = drafts;
        this.replays = replays;
        this.pages = pages;
        this.shops = shops;
        this.books = books;
        kinds.forEach(kind -> shown.put(kind.kind(), kind));
    }

    @GetMapping
    String show(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long run,
            @RequestParam(defaultValue = "0") int at,
            HttpServletRequest request,
            Model model) {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        ReplayRun looked = run == 0 ? null : found(kind, id, run);
        ReplayForm form = looked == null ? ReplayForm.begun() : new ReplayForm(looked.asked(), Map.of());
        fill(model, kind, entry, looked, at, form, List.of(), request);
        return VIEW;
    }

    /** How far it is, and what came of it once it is done. */
    @GetMapping("/progress")
    String progress(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam long run,
            HttpServletRequest request,
            Model model) {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        fill(model, kind, entry, found(kind, id, run), 0, ReplayForm.begun(), List.of(), request);
        return VIEW + " :: outcome";
    }

    private void fill(
            Model model,
            DraftKind kind,
            Draft entry,
            @Nullable ReplayRun run,
            int at,
            ReplayForm form,
            List<String> problems,
            HttpServletRequest request) {
        model.addAttribute("page", pages.page(kind, entry, run, at, Allowed.to(Right.DRAFT, request)));
        model.addAttribute("form", form);
        model.addAttribute("problems", problems);
        model.addAttribute("periods", Period.values());
        model.addAttribute(
                "groups", shops.groups().stream().map(CustomerGroup::name).toList());
    }

    private ReplayRun found(DraftKind kind, long id, long run) {
        return replays.get(kind.where(), id, run);
    }

    /** Begins one in the background. */
    @PostMapping
    String begin(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "") List<Long> version,
            @AuthenticationPrincipal StaffMember who,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        ReplayForm form = ReplayForm.read(sent);
        List<String> problems = new ArrayList<>();
        List<Tried> tried = form.sound() ? tried(kind, entry, form, version, problems) : List.of();
        if (!form.sound() || !problems.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            fill(model, kind, entry, null, 0, form, problems, request);
            return VIEW;
        }
        long run = replays.begin(
                new Replays.About(kind.where(), id, entry.number(), form.typed(), who.name()),
                new Replays.Terms(
                        form.which(shops.today(), Sales.where(shops.current())),
                        form.assumption(),
                        shops.current().bounds().dearest()),
                tried);
        return "redirect:/" + kind.where() + "/" + id + "/replay?run=" + run;
    }

    /** The draft, or it with each of the values, and the versions that were picked. */
    private List<Tried> tried(
            DraftKind kind, Draft entry, ReplayForm form, List<Long> versions, List<String> problems) {
        Subject subject = Subject.of(shops, books);
        List<Tried> tried = new ArrayList<>();
        String figure = form.get("figure");
        List<BigDecimal> values = form.values();
        if (values.isEmpty()) {
            add(kind, entry, entry.document(), "the draft", subject, tried, problems);
        }
        for (BigDecimal value : values) {
            DraftDocument document = entry.document().copy();
            if (!document.has(figure)) {
                problems.add("The figure that was picked is no longer there; somebody has changed the draft.");
                return tried;
            }
            document.put(figure, value.toPlainString());
            add(kind, entry, document, Decimals.plain(value, 0), subject, tried, problems);
        }
        for (long number : versions) {
            drafts.version(entry.id(), number)
                    .ifPresentOrElse(
                            document ->
                                    add(kind, entry, document, pages.called(entry, number), subject, tried, problems),
                            () -> problems.add("There is no version " + number + "."));
        }
        return tried;
    }

    private void add(
            DraftKind kind,
            Draft entry,
            DraftDocument document,
            String label,
            Subject subject,
            List<Tried> to,
            List<String> problems) {
        Objects.requireNonNull(shown.get(kind))
                .tried(entry, document, label, subject)
                .ifPresentOrElse(
                        to::add,
                        () -> problems.add("With " + label + " no order can be priced: something in it cannot be read. "
                                + "The page of the draft says what."));
    }

    @PostMapping("/cancel")
    String cancel(@PathVariable String where, @PathVariable long id, @RequestParam long run) {
        DraftKind kind = DraftKind.at(where);
        found(kind, id, run);
        replays.cancel(run);
        return "redirect:/" + kind.where() + "/" + id + "/replay?run=" + run;
    }

    /** What came of it, as a file: all it was told apart by. */
    @GetMapping("/replay.csv")
    void csv(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam String run,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        ReplayCsv.answer(found(kind, id, Ids.read(run)), entry.name(), Allowed.to(Right.DRAFT, request), response);
    }
}
