package dev.steelyard.web.goods.intake;

import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchFrame;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.RefusedFile;
import dev.steelyard.web.goods.batch.RowsShown;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

    private static final int AT_A_TIME = 1_000;

    private final BatchFrame frame;
    private final Batches batches;
    private final IntakeRows rows;
    private final GoodsMending mending;
    private final MadeNames made;

    GoodsBatchController(Batches batches, IntakeRows rows, GoodsMending mending, MadeNames made, BatchFrame frame) {
        this.frame = frame;
        this.batches = batches;
        this.rows = rows;
        this.mending = mending;
        this.made = made;
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
        List<IntakeRow> some = frame.fill(model, batch, show, after, rows);
        model.addAttribute("made", made.find(batch.id()));
        model.addAttribute(
                "rows",
                some.stream()
                        .map(row -> GoodsPreview.of(row, batch.state() == BatchState.APPLIED))
                        .toList());
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
        return frame.apply(batch, leaveRefused, tenfold, who.name(), model, response)
                .map(show -> page(batch, show, 0, model))
                .orElse("redirect:" + batch.page());
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
