package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchFrame;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.BatchWork;
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
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of one batch: how far it is, what it would do, what it did. */
@Controller
@RequestMapping("/sheets/{id:\\d{1,18}}")
class BatchController {

    private static final int AT_A_TIME = 1_000;

    private final BatchFrame frame;
    private final Batches batches;
    private final BatchRows rows;
    private final BatchWork work;
    private final Mending mending;
    private final Books books;
    private final StandingAlone standing;
    private final UnknownGoods unknown;

    BatchController(
            Batches batches,
            BatchRows rows,
            BatchWork work,
            Mending mending,
            Books books,
            StandingAlone standing,
            UnknownGoods unknown,
            BatchFrame frame) {
        this.frame = frame;
        this.unknown = unknown;
        this.standing = standing;
        this.batches = batches;
        this.rows = rows;
        this.work = work;
        this.mending = mending;
        this.books = books;
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String show,
            @RequestParam(defaultValue = "0") int after,
            Model model) {
        Batch batch = batch(id);
        return batch.origin() == Batch.Origin.GOODS ? "redirect:" + batch.page() : page(batch, show, after, model);
    }

    private String page(Batch batch, String show, int after, Model model) {
        BookInForce book = books.inForce();
        List<BatchRow> some = frame.fill(model, batch, show, after, rows);
        boolean ready = frame.isReady(batch);
        model.addAttribute("unknown", ready ? unknown.count(batch.id()) : 0);
        model.addAttribute("offers", ready ? standing.offers(batch.id()) : List.of());
        model.addAttribute(
                "standing",
                standing.wanted(batch.id()).values().stream()
                        .flatMap(Set::stream)
                        .collect(Collectors.groupingBy(group -> group, TreeMap::new, Collectors.counting())));
        model.addAttribute(
                "rows",
                some.stream().map(row -> PreviewRow.of(row, batch, book)).toList());
        return "sheets/batch";
    }

    private Batch batch(long id) {
        return batches.find(id).orElseThrow(() -> NotThere.batch(id));
    }

    /** Lets the rows of a group stand alone, for all goods of which everyone's rows cut into them, and checks again. */
    @PostMapping("/alone")
    String alone(@PathVariable long id, @RequestParam(defaultValue = "") String group) {
        if (batch(id).state() == BatchState.READY) {
            standing.want(id, group);
            work.checkAgain(id);
        }
        return "redirect:/sheets/" + id;
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
            @RequestParam(defaultValue = "0") int after,
            @RequestParam MultiValueMap<String, String> sent,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean inPage,
            Model model,
            HttpServletResponse response) {
        Map<Column, String> typed = new EnumMap<>(Column.class);
        if (leave.isEmpty()) {
            for (Column column : Column.values()) {
                String text = sent.getFirst("cell." + column.name());
                if (text != null) {
                    typed.put(column, text);
                }
            }
        } else {
            typed.put(Column.ACTION, SheetRow.Wish.KEEP.word());
        }
        if (!mending.mend(id, number, typed)) {
            response.setStatus(HttpStatus.CONFLICT.value());
        }
        return inPage ? page(batch(id), show, after, model) + " :: preview" : "redirect:/sheets/" + id;
    }

    /** The same cell anew in all rows that are refused for it, or all of them left out. */
    @PostMapping("/alike")
    String alike(
            @PathVariable long id,
            @RequestParam Column column,
            @RequestParam String value,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String leave) {
        mending.alike(
                id,
                column,
                value,
                leave.isEmpty() ? Map.of(column, text) : Map.of(Column.ACTION, SheetRow.Wish.KEEP.word()));
        return "redirect:/sheets/" + id;
    }

    /** The refused rows as a file of the format they came in, with their reasons. */
    @GetMapping("/refused")
    void refused(@PathVariable long id, HttpServletResponse response) throws IOException {
        Batch batch = batch(id);
        RefusedFile.send(response, batch, after -> rows.page(id, RowsShown.REFUSED, after, AT_A_TIME).stream()
                .map(row -> new RefusedFile.Row(
                        row.number(),
                        row.line(),
                        Mending.cells(row, batch),
                        Objects.requireNonNull(row.refusal()).column(),
                        row.refusal().reason()))
                .toList());
    }
}
