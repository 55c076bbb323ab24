package dev.steelyard.web.base.page;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;

/** Text that ships with the application. */
public final class ShippedText {

    private ShippedText() {}

    /** @throws IllegalStateException where there is none of that name */
    public static String of(String name) {
        try (InputStream in = ShippedText.class.getClassLoader().getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("no " + name + " ships with this application");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Names and values, one pair a line. */
    public static Properties pairs(String name) {
        try {
            Properties pairs = new Properties();
            pairs.load(new StringReader(of(name)));
            return pairs;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
