package dev.steelyard.format;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;

/** The published JSON Schema (draft 2020-12) of the open format, version 1. */
public final class Schema {

    private Schema() {}

    /** Its text. */
    public static String text() {
        try (InputStream in = Schema.class.getResourceAsStream("schema-1.json")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException notShipped) {
            throw new UncheckedIOException(notShipped);
        }
    }
}
