package dev.steelyard.web.store.keys;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.StoreCalls;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Makes keys for tests. */
public final class MadeKeys {

    public static final String PAGE = "https://shop.example";

    private MadeKeys() {}

    /** A server key with some rights; all of them where none is named. */
    public static Keys.Made server(App app, KeyRight... rights) {
        Set<KeyRight> may = rights.length == 0 ? EnumSet.allOf(KeyRight.class) : EnumSet.copyOf(List.of(rights));
        return make(app, KeyKind.SERVER, new KeyWish("Warehouse", may, List.of(), 10_000, 10_000, null));
    }

    /** A page key that is good on {@link #PAGE}. */
    public static Keys.Made page(App app) {
        return page(app, PAGE);
    }

    public static Keys.Made page(App app, String origin) {
        return make(
                app, KeyKind.PAGE, new KeyWish("Shop", Set.of(KeyRight.PRICES), List.of(origin), 10_000, 10_000, null));
    }

    public static Keys.Made make(App app, KeyKind kind, KeyWish wish) {
        return app.bean(Keys.class).make(kind, wish, "Maren").orElseThrow();
    }

    /** Calls with a new server key. */
    public static StoreCalls calls(App app, KeyRight... rights) {
        return StoreCalls.with(app, server(app, rights).text());
    }
}
