package dev.steelyard.web.testing;

import dev.steelyard.web.testing.Http.Answer;

/** An owner, signed in, who reads cards in and puts them live. */
public final class LiveCards {

    private LiveCards() {}

    /** Reads a card in the open format in, as a draft; its address. */
    public static String read(Http owner, String json) {
        return owner.post("/cards/read", "json", json).response().uri().getPath();
    }

    /** Reads a card in and puts it live; its address. */
    public static String live(Http owner, String json) {
        String path = read(owner, json);
        Answer page = owner.get(path + "/live");
        Answer live = owner.post(
                path + "/live",
                "number",
                page.field("number"),
                "draft",
                page.field("draft"),
                "seen",
                page.field("seen"),
                "when",
                "now");
        if (!live.text().contains("live")) {
            throw new IllegalStateException("not live: " + live.text());
        }
        return path;
    }
}
