package dev.steelyard.web.store.hooks;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A store's end that takes what is sent, says the beginning of an answer at most, and nothing more. */
final class HangingStore implements AutoCloseable {

    private final ServerSocket door = new ServerSocket(0, 10, InetAddress.getLoopbackAddress());
    private final List<Socket> held = new CopyOnWriteArrayList<>();

    /** @param beginning of the answer; empty for not a word */
    HangingStore(String beginning) throws IOException {
        Thread thread = new Thread(() -> {
            while (!door.isClosed()) {
                try {
                    Socket caller = door.accept();
                    held.add(caller);
                    caller.getOutputStream().write(beginning.getBytes(StandardCharsets.US_ASCII));
                } catch (IOException gone) {
                    if (!door.isClosed()) {
                        throw new UncheckedIOException(gone);
                    }
                }
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    String address() {
        return "http://127.0.0.1:" + door.getLocalPort() + "/told";
    }

    @Override
    public void close() throws IOException {
        door.close();
        for (Socket one : held) {
            one.close();
        }
    }
}
