package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.batch.AlikeRows;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchLine;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.RefusedFile;
import dev.steelyard.web.goods.batch.RowsShown;
import dev.steelyard.web.goods.batch.WaitingSheets;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of one goods sheet: what it would do, what it did. */
@Controller
@RequestMapping("/sheets/goods/{id:\\d{1,18}}")
class GoodsBatchController {

    private static final int PAGE = 100;
    private static final int AT_A_TIME = 1_000;

    private final Batches batches;
    private final IntakeRows rows;
    private final BatchWork work;
    private final GoodsMending mending;
    private final AlikeRows alike;
    private final MadeNames made;
    private final WaitingSheets waiting;
    private final Books books;

    GoodsBatchController(
            Batches batches,
            IntakeRows rows,
            BatchWork work,
            GoodsMending mending,
            AlikeRows alike,
            MadeNames made,
            WaitingSheets waiting,
            Books books) {
        this.batches = batches;
        this.rows = rows;
        this.work = work;
        this.mending = mending;
        this.alike = alike;
        this.made = made;
        this.waiting = waiting;
        this.books = books;
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String show,
            @RequestParam(defaultValue = "0") int after,
            Model model) {
        return page(batch(id), show, after, model);
    }

    private Batch batch(long id) {
        return batches.find(id)
                .filter(one -> one.origin() == Batch.Origin.GOODS)
                .orElseThrow(() -> NotThere.batch(id));
    }

    private String page(Batch batch, String show, int after, Model model) {
        Note.Code odd = batch.oddWay(show);
        RowsShown shown = RowsShown.of(show, batch);
        boolean running = work.isRunning(batch);
        List<IntakeRow> page = running
                ? List.of()
                : odd != null
                        ? rows.odd(batch.id(), odd, after, PAGE + 1)
                        : rows.page(batch.id(), shown, after, PAGE + 1);
        List<IntakeRow> some = page.size() > PAGE ? page.subList(0, PAGE) : page;
        boolean ready = batch.state() == BatchState.READY && !running;
        model.addAttribute("batch", batch);
        model.addAttribute("file", waiting.ofBatch(batch.id()).orElse(""));
        model.addAttribute("running", running);
        model.addAttribute("line", BatchLine.of(batch, books.inForce().shop().zone()));
        model.addAttribute("shown", (odd == null ? shown.name() : "odd-" + odd.name()).toLowerCase(Locale.ROOT));
        model.addAttribute("alike", ready ? alike.of(batch.id(), IntakeRows.TABLE, "refused_value") : List.of());
        model.addAttribute("columns", GoodsColumn.values());
        model.addAttribute("made", running ? NewNames.Made.NOTHING : made.find(batch.id()));
        model.addAttribute(
                "rows",
                some.stream()
                        .map(row -> GoodsPreview.of(row, batch.state() == BatchState.APPLIED))
                        .toList());
        model.addAttribute("later", page.size() > PAGE ? some.get(PAGE - 1).number() : null);
        model.addAttribute("first", after == 0);
        return "sheets/goods";
    }

    @PostMapping("/apply")
    String apply(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean leaveRefused,
            @RequestParam(defaultValue = "") String tenfold,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Batch batch = batch(id);
        String asked = batch.asked(tenfold, books.inForce().shop().habits().twoEyes(), who.name());
        if (asked != null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("asked", asked);
            return page(batch, batch.asksTwice() ? "odd-" + Note.Code.TENFOLD.name() : "", 0, model);
        }
        if (batch.totals().refused() == 0 || leaveRefused) {
            work.apply(id, who.name());
        }
        return "redirect:" + batch.page();
    }

    /** One cell of a row anew, or the whole row left out. */
    @PostMapping("/mend")
    String mend(
            @PathVariable long id,
            @RequestParam int number,
            @RequestParam(defaultValue = "") String leave,
            @RequestParam(defaultValue = "") String show,
            @RequestParam MultiValueMap<String, String> sent) {
        Map<GoodsColumn, String> typed = new EnumMap<>(GoodsColumn.class);
        for (GoodsColumn column : GoodsColumn.values()) {
            String text = sent.getFirst("cell." + column.name());
            if (text != null && leave.isEmpty()) {
                typed.put(column, text);
            }
        }
        if (!leave.isEmpty()) {
            typed.put(GoodsColumn.ACTION, GoodsColumn.KEEP);
        }
        mending.mend(id, number, typed);
        return "redirect:" + batch(id).page() + (show.isEmpty() ? "" : "?show=" + show);
    }

    /** The same cell anew in all rows that are refused for it. */
    @PostMapping("/alike")
    String alike(
            @PathVariable long id,
            @RequestParam GoodsColumn column,
            @RequestParam String value,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String leave) {
        if (leave.isEmpty()) {
            mending.alike(id, column, value, text);
        } else {
            mending.leaveOut(id, column, value);
        }
        return "redirect:" + batch(id).page();
    }

    /** The refused rows as a file of the format they came in, with their reasons. */
    @GetMapping("/refused")
    void refused(@PathVariable long id, HttpServletResponse response) throws IOException {
        Batch batch = batch(id);
        RefusedFile.send(response, batch, after -> rows.page(id, RowsShown.REFUSED, after, AT_A_TIME).stream()
                .map(row -> new RefusedFile.Row(
                        row.number(),
                        row.line(),
                        row.said(),
                        Objects.requireNonNull(row.refusal()).column(),
                        row.refusal().reason()))
                .toList());
    }
}
