package dev.steelyard.web.base.database;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;

/**
 * How much the private server keeps in memory: a sixteenth of the machine's, since a sheet of many rows touches places all over
 * the table of sheets, and each that is not in memory is read from the disk first. What it does not need, it does not take.
 */
final class PoolSize {

    private static final long LEAST = 128;
    private static final long MOST = 1_024;
    private static final int PART = 16;
    private static final int MEGABYTE = 1 << 20;

    private PoolSize() {}

    /** In megabytes. */
    static long ofThisMachine() {
        return ManagementFactory.getOperatingSystemMXBean() instanceof OperatingSystemMXBean machine
                ? of(machine.getTotalMemorySize())
                : LEAST;
    }

    /** @param memory of the machine, in bytes */
    static long of(long memory) {
        return Math.min(MOST, Math.max(LEAST, memory / PART / MEGABYTE));
    }
}
