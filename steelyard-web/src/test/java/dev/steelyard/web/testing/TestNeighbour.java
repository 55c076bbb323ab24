package dev.steelyard.web.testing;

import dev.steelyard.neighbour.Neighbour;
import dev.steelyard.neighbour.NeighbourSettings;
import dev.steelyard.web.store.hooks.ToldStores;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.MadeKeys;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import org.springframework.context.ConfigurableApplicationContext;

/** The example store on another origin, with keys of its own. */
public final class TestNeighbour implements AutoCloseable {

    private final ConfigurableApplicationContext context;
    private final NeighbourSettings settings;

    private TestNeighbour(NeighbourSettings settings) {
        this.settings = settings;
        this.context = Neighbour.start(settings);
    }

    public static TestNeighbour of(App app) {
        return at(app, app.url());
    }

    /** The same that asks at another address than the application's own. */
    public static TestNeighbour at(App app, String steelyard) {
        int port = free();
        Keys.Made server = MadeKeys.server(app);
        Keys.Made page = MadeKeys.page(app, "http://127.0.0.1:" + port);
        return new TestNeighbour(new NeighbourSettings(
                steelyard,
                server.text(),
                page.text(),
                String.valueOf(server.customerSecret()),
                app.bean(ToldStores.class).everything("http://127.0.0.1:" + port + "/told", "Maren"),
                port));
    }

    private static int free() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    /** The address without a slash at its end. */
    public String url() {
        return "http://127.0.0.1:" + settings.port();
    }

    public NeighbourSettings settings() {
        return settings;
    }

    @Override
    public void close() {
        context.close();
    }
}
