package dev.steelyard.web.testing;

import dev.steelyard.web.book.Books;

/** The demo shop without its rate cards, for tests that bring their own. */
public final class DemoCards {

    private DemoCards() {}

    /** All of them, as if their owner had taken them away. */
    public static void takeAway(App app) {
        app.sql().sql("update draft set removed_at = utc_timestamp()").update();
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
    }
}
