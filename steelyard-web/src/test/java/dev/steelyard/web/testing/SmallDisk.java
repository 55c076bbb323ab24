package dev.steelyard.web.testing;

import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** A disk of a few megabytes that can be filled up, in memory; tests with it are skipped where nobody may mount one. */
public final class SmallDisk implements AutoCloseable {

    private static final int BLOCK = 4_096;

    private final Path at;

    private SmallDisk(Path at) {
        this.at = at;
    }

    /** @param at an empty folder, which is the disk until it is closed */
    public static SmallDisk at(Path at, int kilobytes) throws IOException {
        assumeTrue(
                run("mount", "-t", "tmpfs", "-o", "size=" + kilobytes + "k", "tmpfs", at.toString()) == 0,
                "no disk can be mounted here: that takes root");
        return new SmallDisk(at);
    }

    private static int run(String... command) throws IOException {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .start()
                .onExit()
                .join()
                .exitValue();
    }

    public Path path() {
        return at;
    }

    /** Fills it up until so much is left. */
    public void fill(int leftKilobytes) throws IOException {
        long room = Files.getFileStore(at).getUsableSpace() - leftKilobytes * 1_024L;
        try (OutputStream out = Files.newOutputStream(filler())) {
            byte[] block = new byte[BLOCK];
            for (long i = 0; i < room / BLOCK; i++) {
                out.write(block);
            }
        }
    }

    /** Makes room again. */
    public void clear() throws IOException {
        Files.deleteIfExists(filler());
    }

    private Path filler() {
        return at.resolve("filler");
    }

    @Override
    public void close() throws IOException {
        if (run("umount", at.toString()) != 0) {
            run("umount", "--lazy", at.toString());
        }
    }
}
