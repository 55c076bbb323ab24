package dev.steelyard.web.base.page;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;

/** What files that are taken out are called. */
public final class FileNames {

    private FileNames() {}

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
