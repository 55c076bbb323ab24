package dev.steelyard.web.launch;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import org.jspecify.annotations.Nullable;

/** Which port the application listens on. */
final class Ports {

    private static final int USUAL = 8080;
    private static final int TRIED = 100;

    private Ports() {}

    /** @throws IllegalArgumentException in words, where the port insisted on is taken */
    static int choose(@Nullable Integer insisted) {
        if (insisted != null) {
            if (!isFree(insisted)) {
                throw new IllegalArgumentException(
                        "port " + insisted + " is taken by another program; give another, or none to let one be found");
            }
            return insisted;
        }
        for (int port = USUAL; port < USUAL + TRIED; port++) {
            if (isFree(port)) {
                return port;
            }
        }
        throw new IllegalArgumentException("no free port from " + USUAL + " on; give one with --port N");
    }

    static boolean isUsual(int port) {
        return port == USUAL;
    }

    private static boolean isFree(int port) {
        try (ServerSocket socket = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
            return socket.isBound();
        } catch (IOException taken) {
            return false;
        }
    }
}
