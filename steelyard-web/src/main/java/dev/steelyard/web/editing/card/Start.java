package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.web.editing.list.Listing;

/** The ways to begin a card, each with the sentence it is picked by. */
enum Start implements Listing.Way {
    QUANTITY("quantity", "by quantity", "The more pieces, the less each costs."),
    METRE("metre", "by the metre", "Cut from the drum or the bar, priced by its length."),
    AREA("area", "by area", "Made to two measurements, priced by its area."),
    VOLUME("volume", "by volume", "Made to three measurements, priced by its volume."),
    WEIGHT("weight", "by weight", "Any weight, priced by the kilo."),
    GRID("grid", "by a price grid", "A table of prices by two measurements, next size up."),
    PACKS("packs", "in packs", "Fixed sizes at fixed prices, or any amount."),
    LOTS("lots", "in lots", "One price for so many together."),
    FORMULA("formula", "by a formula", "Named rates and measurements, put together by hand.");

    private final String code;
    private final String words;
    private final String about;

    Start(String code, String words, String about) {
        this.code = code;
        this.words = words;
        this.about = about;
    }

    /** Also the name of its drawing. */
    @Override
    public String code() {
        return code;
    }

    /** “by area”, as it goes on behind the goods’ name. */
    public String words() {
        return words;
    }

    public String about() {
        return about;
    }

    @Override
    public String opensAt() {
        return (this == QUANTITY || this == LOTS ? CardStep.BREAKS : CardStep.PIECE).code();
    }

    @Override
    public String called(Begin.Picked picked) {
        return picked.name() + " " + words;
    }
}
