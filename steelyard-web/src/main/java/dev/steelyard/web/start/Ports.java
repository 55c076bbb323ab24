package dev.steelyard.web.start;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import org.jspecify.annotations.Nullable;

/** Which port the application listens on. */
final class Ports {

    private static final int USUAL = 8080;
    private static final int TRIED = 100;
    private static final String LOOPBACK = "127.0.0.1";

    private Ports() {}

    /** @throws IllegalArgumentException in words, where the port insisted on is taken, or may not be opened */
    static int choose(@Nullable Integer insisted, String address) {
        if (insisted != null) {
            try {
                open(insisted, address);
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
        String message = String.valueOf(not.getMessage());
        if (message.contains("Cannot assign")) {
            return " cannot be opened: this machine does not have the address that is set";
        }
        return message.contains("Permission denied")
                ? " may not be opened by this user; ports from 1024 on may be"
                : " is taken by another program; give another, or none to let one be found";
    }

    private static boolean isFree(int port) {
        try {
            open(port, LOOPBACK);
            return true;
        } catch (IOException taken) {
            return false;
        }
    }

    private static void open(int port, String address) throws IOException {
        new ServerSocket(port, 1, InetAddress.getByName(address)).close();
    }
}
