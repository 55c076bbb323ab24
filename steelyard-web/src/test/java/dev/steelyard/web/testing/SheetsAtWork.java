package dev.steelyard.web.testing;

import dev.steelyard.web.testing.Http.Answer;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.locks.LockSupport;

/** An owner at the pages of price sheets. */
public final class SheetsAtWork {

    private static final int TRIES = 600;
    private static final long PAUSE_NANOS = 50_000_000;

    private final Http owner;

    public SheetsAtWork(Http owner) {
        this.owner = owner;
    }

    /** Reads a text in as CSV, up to its preview. */
    public Answer read(String csv, String... form) {
        return read("sheet.csv", csv.getBytes(StandardCharsets.UTF_8), form);
    }

    public Answer read(String name, byte[] file, String... form) {
        return settled(owner.upload("/sheets", name, file, form));
    }

    /** Does something with a batch, up to its end. */
    public Answer act(Answer page, String what, String... fields) {
        return settled(owner.post(path(page) + "/" + what, fields));
    }

    /** Asks until nothing works on it in the background any more. */
    public Answer settled(Answer page) {
        Answer now = page;
        for (int i = 0; i < TRIES && now.body().contains("id=\"progress\""); i++) {
            LockSupport.parkNanos(PAUSE_NANOS);
            now = owner.get(path(page));
        }
        return now;
    }

    public static String path(Answer page) {
        return page.response().uri().getPath();
    }
}
