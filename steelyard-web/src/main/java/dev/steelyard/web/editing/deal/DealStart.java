package dev.steelyard.web.editing.deal;

import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.web.editing.list.Listing;
import java.util.Arrays;
import java.util.Optional;

/** The sentences a deal can begin from. */
enum DealStart implements Listing.Way {
    SPEND("spend", "Spend more, pay less", "From 150.00 on, 5 % off. Counts what is spent on some goods, or on all."),
    PIECES(
            "pieces",
            "Mix pieces",
            "Six pieces of any of these: 0.40 off each. Counts pieces of different goods together."),
    VARIETY("variety", "Try several", "Three different products: 4 % off. Counts what is different, not how many."),
    BUY_AND_GET(
            "buy-and-get",
            "Buy some, get some",
            "Buy two, the third is free. Or: a brush at half price with each cover."),
    PAYMENT("payment", "By payment", "2 % off for a bank transfer, or a fee for an invoice.");

    private final String code;
    private final String title;
    private final String about;

    DealStart(String code, String title, String about) {
        this.code = code;
        this.title = title;
        this.about = about;
    }

    /** Also the kind's word in files. */
    @Override
    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    public String about() {
        return about;
    }

    @Override
    public boolean ofAll() {
        return this == PAYMENT;
    }

    @Override
    public String opensAt() {
        return DealStep.GIVES.code();
    }

    @Override
    public String called(Begin.Picked picked) {
        return title + (picked.name().isBlank() ? "" : ": " + picked.name());
    }

    static Optional<DealStart> of(String code) {
        return Arrays.stream(values()).filter(start -> start.code.equals(code)).findFirst();
    }
}
