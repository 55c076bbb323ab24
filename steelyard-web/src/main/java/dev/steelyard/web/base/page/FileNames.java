package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;

/** What files that are taken out are called. */
public final class FileNames {

    private FileNames() {}

    /** Has an answer be a CSV file of that name; before anything of it is written. */
    public static void csv(HttpServletResponse response, String name, String otherwise) {
        response.setContentType("text/csv; charset=UTF-8");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment(name, otherwise, "csv"));
    }

    /** The header that has a browser keep an answer as a file named after something: {@code boat-covers.json}. */
    public static String attachment(String name, String otherwise, String ending) {
        String file = name.replaceAll("[^A-Za-z0-9]+", "-").toLowerCase(Locale.ROOT);
        String bare = file.replaceAll("^-|-$", "");
        return ContentDisposition.attachment()
                .filename((bare.isBlank() ? otherwise : bare) + "." + ending, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
