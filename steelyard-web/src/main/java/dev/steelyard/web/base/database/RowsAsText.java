package dev.steelyard.web.base.database;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rows as {@code LOAD DATA} reads them: a line each, a tab between values, {@code \N} for none, signs of its own behind a \. */
final class RowsAsText {

    private static final String NONE = "\\N";

    private final StringBuilder text = new StringBuilder();

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

    byte[] bytes() {
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}
