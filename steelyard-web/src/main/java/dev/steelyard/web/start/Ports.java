package dev.steelyard.web.start;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import org.jspecify.annotations.Nullable;

/** Which port the application listens on. */
final class Ports {

    private static final int USUAL = 8080;
    private static final int TRIED = 100;

    private Ports() {}

    /** @throws IllegalArgumentException in words, where the port insisted on is taken, or may not be opened */
    static int choose(@Nullable Integer insisted) {
        if (insisted != null) {
            try {
                open(insisted);
            } catch (IOException not) {
                throw new IllegalArgumentException("port " + insisted + why(not));
            }
            return insisted;
        }
        return freeFrom(USUAL);
    }

    /** The first free one from some port on. */
    static int freeFrom(int first) {
        for (int port = first; port < first + TRIED; port++) {
            if (isFree(port)) {
                return port;
            }
        }
        throw new IllegalArgumentException("no free port from " + first + " on; give one with --port N");
    }

    static boolean isUsual(int port) {
        return port == USUAL;
    }

    /** Systems keep low ports for themselves; whoever may not open one would look in vain for the program that has it. */
    static String why(IOException not) {
        return String.valueOf(not.getMessage()).contains("Permission denied")
                ? " may not be opened by this user; ports from 1024 on may be"
                : " is taken by another program; give another, or none to let one be found";
    }

    private static boolean isFree(int port) {
        try {
            open(port);
            return true;
        } catch (IOException taken) {
            return false;
        }
    }

    private static void open(int port) throws IOException {
        new ServerSocket(port, 1, InetAddress.getLoopbackAddress()).close();
    }
}
