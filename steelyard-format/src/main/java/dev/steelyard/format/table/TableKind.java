package dev.steelyard.format.table;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The formats of tables. */
public enum TableKind {
    CSV("text/csv"),
    XLSX("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"),
    ODS("application/vnd.oasis.opendocument.spreadsheet");

    private final String mediaType;

    TableKind(String mediaType) {
        this.mediaType = mediaType;
    }

    public String mediaType() {
        return mediaType;
    }

    /** What names of such files end with. */
    public String ending() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<TableKind> of(String ending) {
        return Arrays.stream(values())
                .filter(kind -> kind.ending().equals(ending))
                .findFirst();
    }
}
