package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.web.book.Books;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What the pages of batches have alike, whatever they are of: where one stands, a page of its rows, and applying it. */
@Component
public class BatchFrame {

    private static final int PAGE = 100;

    private final BatchWork work;
    private final WaitingSheets waiting;
    private final AlikeRows alike;
    private final Books books;

    BatchFrame(BatchWork work, WaitingSheets waiting, AlikeRows alike, Books books) {
        this.work = work;
        this.waiting = waiting;
        this.alike = alike;
        this.books = books;
    }

    /** The rows of batches of one kind, as they are kept. */
    public interface Kept<R> {

        List<R> page(long batch, RowsShown shown, int after, int most);

        List<R> odd(long batch, Note.Code way, int after, int most);

        /** Its place in the batch. */
        int number(R row);

        /** The table that has them. */
        String table();

        /** In SQL, what stands in the cell for which a row is refused; null where no cell is. */
        String refusedCell();
    }

    /** Whether it waits to be looked at. */
    public boolean isReady(Batch batch) {
        return batch.state() == BatchState.READY && !work.isRunning(batch);
    }

    /**
     * Fills in what all have.
     *
     * @param show which rows are asked for
     * @param after the number of the row behind which they begin; 0 for the first
     * @return the rows of the page; none while it is worked on
     */
    public <R> List<R> fill(Model model, Batch batch, String show, int after, Kept<R> kept) {
        Note.Code odd = batch.oddWay(show);
        RowsShown shown = RowsShown.of(show, batch);
        boolean running = work.isRunning(batch);
        List<R> page = running
                ? List.of()
                : odd != null
                        ? kept.odd(batch.id(), odd, after, PAGE + 1)
                        : kept.page(batch.id(), shown, after, PAGE + 1);
        List<R> some = page.size() > PAGE ? page.subList(0, PAGE) : page;
        model.addAttribute("batch", batch);
        model.addAttribute("file", waiting.ofBatch(batch.id()).orElse(""));
        model.addAttribute("running", running);
        model.addAttribute("line", BatchLine.of(batch, books.inForce().shop().zone()));
        model.addAttribute("shown", (odd == null ? shown.name() : "odd-" + odd.name()).toLowerCase(Locale.ROOT));
        model.addAttribute(
                "alike", isReady(batch) ? alike.of(batch.id(), kept.table(), kept.refusedCell()) : List.of());
        model.addAttribute("columns", batch.origin().columns());
        model.addAttribute("later", page.size() > PAGE ? kept.number(some.get(PAGE - 1)) : null);
        model.addAttribute("first", after == 0);
        return some;
    }

    /**
     * Applies one, unless something is to be asked first, which the model then has.
     *
     * @param leaveRefused whether refused rows are left out
     * @param tenfold the number of prices that change tenfold, as typed
     * @return none where nothing is asked; else which rows are to be shown
     */
    public Optional<String> apply(
            Batch batch, boolean leaveRefused, String tenfold, String by, Model model, HttpServletResponse response) {
        String asked = batch.asked(tenfold, books.inForce().shop().habits().twoEyes(), by);
        if (asked != null) {
            return refused(asked, batch.asksTwice() ? "odd-" + Note.Code.TENFOLD.name() : "", model, response);
        }
        String stop = work.stop(batch);
        if (stop != null) {
            return refused("Nothing was applied: " + stop + ".", "", model, response);
        }
        if (batch.totals().refused() == 0 || leaveRefused) {
            work.apply(batch.id(), by);
        }
        return Optional.empty();
    }

    private static Optional<String> refused(String why, String show, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("asked", why);
        return Optional.of(show);
    }
}
