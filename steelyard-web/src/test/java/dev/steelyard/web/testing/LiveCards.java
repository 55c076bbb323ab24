package dev.steelyard.web.testing;

import dev.steelyard.web.testing.Http.Answer;
import java.util.ArrayList;
import java.util.List;

/** An owner, signed in, who reads cards in and puts cards and deals live. */
public final class LiveCards {

    private LiveCards() {}

    /** Reads a card in the open format in, as a draft; its address. */
    public static String read(Http owner, String json) {
        return owner.post("/cards/read", "json", json).response().uri().getPath();
    }

    /** Reads a card in and puts it live; its address. */
    public static String live(Http owner, String json) {
        String path = read(owner, json);
        Answer live = putLive(owner, path, owner.get(path + "/live"), "when", "now");
        if (!live.text().contains("live")) {
            throw new IllegalStateException("not live: " + live.text());
        }
        return path;
    }

    /** Presses the button of a page that compares a card or deal with what is live; names and values of its fields in turn. */
    public static Answer putLive(Http owner, String path, Answer page, String... namesAndValues) {
        List<String> fields = new ArrayList<>();
        for (String hidden : List.of("number", "draft", "seen")) {
            fields.addAll(List.of(hidden, page.field(hidden)));
        }
        fields.addAll(List.of(namesAndValues));
        return owner.post(path + "/live", fields.toArray(String[]::new));
    }
}
