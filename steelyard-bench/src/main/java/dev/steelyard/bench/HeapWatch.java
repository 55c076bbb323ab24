package dev.steelyard.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Looks a few times a second how much heap another process uses, garbage included. */
final class HeapWatch implements AutoCloseable {

    private static final Pattern USED = Pattern.compile("used (\\d+)K");
    private static final long EVERY_MILLIS = 250;

    private final long pid;
    private final Thread watcher;
    private volatile boolean over;
    private volatile long peakKilobytes;

    HeapWatch(long pid) {
        this.pid = pid;
        this.watcher = new Thread(this::watch, "heap");
        watcher.setDaemon(true);
        watcher.start();
    }

    private void watch() {
        try {
            while (!over) {
                Process look = new ProcessBuilder("jcmd", "" + pid, "GC.heap_info")
                        .redirectErrorStream(true)
                        .start();
                String text = new String(look.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                look.waitFor(5, TimeUnit.SECONDS);
                Matcher used = USED.matcher(text);
                if (used.find()) {
                    peakKilobytes = Math.max(peakKilobytes, Long.parseLong(used.group(1)));
                }
                Thread.sleep(EVERY_MILLIS);
            }
        } catch (IOException | InterruptedException ended) {
            over = true;
        }
    }

    /** In megabytes. */
    long peak() {
        return peakKilobytes >> 10;
    }

    @Override
    public void close() throws InterruptedException {
        over = true;
        watcher.join();
    }
}
