package dev.steelyard.web.testing;

import dev.steelyard.web.book.Books;

/** The demo shop's deals. They are taken away for most tests, so that prices can be read without them. */
public final class DemoDeals {

    private DemoDeals() {}

    static void takeAway(App app) {
        app.sql()
                .sql("update draft set removed_at = utc_timestamp() where kind = 'DEAL'")
                .update();
        app.sql().sql("delete from change_entry where subject = 'DEAL'").update();
    }

    /** Puts all of them back. */
    public static void putBack(App app) {
        app.sql().sql("update draft set removed_at = null where kind = 'DEAL'").update();
        raise(app);
    }

    /** Puts one of them back. */
    public static void putBack(App app, String name) {
        app.sql()
                .sql("update draft set removed_at = null where kind = 'DEAL' and name = ?")
                .param(name)
                .update();
        raise(app);
    }

    private static void raise(App app) {
        app.sql().sql("update shop set revision = revision + 1").update();
        app.bean(Books.class).refresh();
    }
}
