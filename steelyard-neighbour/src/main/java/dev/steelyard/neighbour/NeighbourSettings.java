package dev.steelyard.neighbour;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;

/**
 * What a store has to know to ask Steelyard.
 *
 * @param steelyard its address, without a slash at the end
 * @param serverKey for this program; secret
 * @param pageKey for its pages
 * @param customerSecret by which this program signs who a shopper is
 * @param webhookSecret by which what Steelyard tells is signed; empty where it tells nothing
 * @param port its own pages are served on
 */
public record NeighbourSettings(
        String steelyard, String serverKey, String pageKey, String customerSecret, String webhookSecret, int port) {

    /**
     * As a file keeps them.
     *
     * @throws IllegalArgumentException in words, where one is missing
     */
    public static NeighbourSettings read(Path file) {
        Properties kept = new Properties();
        try (Reader in = Files.newBufferedReader(file)) {
            kept.load(in);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return new NeighbourSettings(
                value(kept, "steelyard"),
                value(kept, "serverKey"),
                value(kept, "pageKey"),
                value(kept, "customerSecret"),
                kept.getProperty("webhookSecret", ""),
                Integer.parseInt(value(kept, "port")));
    }

    private static String value(Properties kept, String name) {
        String value = kept.getProperty(name, "");
        if (value.isBlank()) {
            throw new IllegalArgumentException("the neighbour's settings lack “" + name + "”");
        }
        return value;
    }

    /** Keeps them in a file. */
    public void write(Path file) {
        try {
            Files.writeString(
                    file,
                    "steelyard=" + steelyard + "\nserverKey=" + serverKey + "\npageKey=" + pageKey + "\ncustomerSecret="
                            + customerSecret + "\nwebhookSecret=" + webhookSecret + "\nport=" + port + "\n");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
