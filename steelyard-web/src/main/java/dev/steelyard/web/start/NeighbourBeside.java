package dev.steelyard.web.start;

import dev.steelyard.neighbour.NeighbourSettings;
import dev.steelyard.web.shop.Noticed;
import dev.steelyard.web.store.hooks.ToldStores;
import dev.steelyard.web.store.keys.KeyKind;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.KeyWish;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.StoreKey;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Gives the example store its keys, as an owner would give them to their own: made once, kept in a file of the store, and made
 * anew where they are not good any more.
 */
@Component
class NeighbourBeside implements Noticed {

    static final String FILE = "neighbour.properties";
    private static final String NAME = "The example store";
    private static final String BY = "Steelyard";
    private static final int BESIDE = 10;
    private static final int OFTEN = 1_000;

    private final Keys keys;
    private final ToldStores told;
    private volatile @Nullable String running;

    NeighbourBeside(Keys keys, ToldStores told) {
        this.keys = keys;
        this.told = told;
    }

    static String address(NeighbourSettings settings) {
        return "http://127.0.0.1:" + settings.port() + "/";
    }

    /** @param steelyard its address, without a slash at the end */
    NeighbourSettings settings(Path home, String steelyard, int port) {
        Path file = home.resolve(FILE);
        int own = Ports.freeFrom(port + BESIDE);
        String secret = told.everything("http://127.0.0.1:" + own + "/told", BY);
        NeighbourSettings settings = kept(file, steelyard, secret, own).orElseGet(() -> made(steelyard, secret, own));
        settings.write(file);
        running = address(settings);
        return settings;
    }

    /** Today leads to it, as the example of a store that asks here. */
    @Override
    public List<Notice> notices() {
        String address = running;
        return address == null
                ? List.of()
                : List.of(new Notice("A store that asks here for its prices, as an example for yours", address, false));
    }

    /** The keys of the last start, if they are good still; the page key is good where the store is now. */
    private Optional<NeighbourSettings> kept(Path file, String steelyard, String secret, int port) {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        NeighbourSettings before = NeighbourSettings.read(file);
        StoreKey server = keys.find(before.serverKey()).orElse(null);
        StoreKey page = keys.find(before.pageKey()).orElse(null);
        if (server == null || server.isTakenBack() || page == null || page.isTakenBack()) {
            return Optional.empty();
        }
        keys.change(page.id(), wish(KeyKind.PAGE, port), BY);
        return Optional.of(new NeighbourSettings(
                steelyard, before.serverKey(), before.pageKey(), before.customerSecret(), secret, port));
    }

    private NeighbourSettings made(String steelyard, String secret, int port) {
        Keys.Made server =
                keys.make(KeyKind.SERVER, wish(KeyKind.SERVER, port), BY).orElseThrow();
        Keys.Made page = keys.make(KeyKind.PAGE, wish(KeyKind.PAGE, port), BY).orElseThrow();
        return new NeighbourSettings(
                steelyard, server.text(), page.text(), String.valueOf(server.customerSecret()), secret, port);
    }

    private static KeyWish wish(KeyKind kind, int port) {
        boolean page = kind == KeyKind.PAGE;
        return new KeyWish(
                NAME,
                page ? EnumSet.of(KeyRight.PRICES) : EnumSet.allOf(KeyRight.class),
                page ? List.of("http://127.0.0.1:" + port, "http://localhost:" + port) : List.of(),
                OFTEN,
                OFTEN,
                null);
    }
}
