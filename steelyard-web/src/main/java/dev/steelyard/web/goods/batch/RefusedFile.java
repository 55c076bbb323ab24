package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.sheet.RefusedWriter;
import dev.steelyard.web.base.page.FileNames;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import org.springframework.http.HttpHeaders;

/** The refused rows of a batch as a file of the format they came in, with their reasons. */
public final class RefusedFile {

    private RefusedFile() {}

    /**
     * A row.
     *
     * @param number its place in the batch
     * @param cells as texts
     * @param column that is wrong
     */
    public record Row(
            int number, int line, Map<? extends SheetColumn, String> cells, SheetColumn column, String reason) {}

    /** @param after the next rows behind one of a number; none when there are no more */
    public static void send(HttpServletResponse response, Batch batch, IntFunction<List<Row>> after)
            throws IOException {
        response.setContentType(batch.kind().mediaType());
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                FileNames.attachment(
                        "refused " + batch.title(), "refused", batch.kind().ending()));
        try (RefusedWriter out = new RefusedWriter(
                batch.kind(),
                batch.form(),
                response.getOutputStream(),
                batch.origin().columns())) {
            for (List<Row> page = after.apply(0);
                    !page.isEmpty();
                    page = after.apply(page.get(page.size() - 1).number())) {
                for (Row row : page) {
                    out.add(row.line(), row.cells(), row.column().head() + ": " + row.reason());
                }
            }
        }
    }
}
