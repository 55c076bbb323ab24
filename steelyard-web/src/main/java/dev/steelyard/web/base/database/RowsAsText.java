package dev.steelyard.web.base.database;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rows as {@code LOAD DATA} reads them: a line each, a tab between values, {@code \N} for none, signs of its own behind a \. */
final class RowsAsText {

    private static final String NONE = "\\N";

    /** Pieces of a text go well through memory; one of all rows would be an allocation of its own kind. */
    private static final int PIECE = 32_000;

    private final List<byte[]> pieces = new ArrayList<>();
    private final StringBuilder text = new StringBuilder(PIECE + PIECE / 4);

    /** Says what stands for what, whatever the mode of the database. */
    static String statement(String table, List<String> columns) {
        return "load data local infile 'rows' into table " + table + " character set utf8mb4"
                + " fields terminated by '\t' escaped by '\\\\' lines terminated by '\n' ("
                + String.join(", ", columns) + ")";
    }

    void add(@Nullable Object[] row) {
        for (int i = 0; i < row.length; i++) {
            if (i > 0) {
                text.append('\t');
            }
            value(row[i]);
        }
        text.append('\n');
        if (text.length() >= PIECE) {
            cut();
        }
    }

    private void cut() {
        pieces.add(text.toString().getBytes(StandardCharsets.UTF_8));
        text.setLength(0);
    }

    private void value(@Nullable Object value) {
        if (value == null) {
            text.append(NONE);
        } else if (value instanceof String said) {
            said(said);
        } else if (value instanceof BigDecimal decimal) {
            text.append(decimal.toPlainString());
        } else if (value instanceof Boolean truth) {
            text.append(truth ? '1' : '0');
        } else {
            text.append(value);
        }
    }

    private void said(String said) {
        if (isPlain(said)) {
            text.append(said);
            return;
        }
        for (int i = 0; i < said.length(); i++) {
            char sign = said.charAt(i);
            switch (sign) {
                case '\\' -> text.append("\\\\");
                case '\t' -> text.append("\\t");
                case '\n' -> text.append("\\n");
                case '\0' -> text.append("\\0");
                default -> text.append(sign);
            }
        }
    }

    private static boolean isPlain(String said) {
        return said.indexOf('\\') < 0 && said.indexOf('\t') < 0 && said.indexOf('\n') < 0 && said.indexOf('\0') < 0;
    }

    /** In UTF-8, one after the other. */
    List<byte[]> pieces() {
        if (!text.isEmpty()) {
            cut();
        }
        return pieces;
    }
}
