package dev.steelyard.web.store.hooks;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What an address can be told. */
enum HookEvent {
    PRICES_CHANGED("prices.changed", "prices changed: the revision, and which SKUs"),
    CARD_LIVE("card.live", "a version of a rate card went live"),
    DEAL_LIVE("deal.live", "a version of a deal went live"),
    ORDER_PLACED("order.placed", "an order was placed, here or by the store");

    private final String code;
    private final String words;

    HookEvent(String code, String words) {
        this.code = code;
        this.words = words;
    }

    public String code() {
        return code;
    }

    public String words() {
        return words;
    }

    static Optional<HookEvent> of(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    static Set<HookEvent> read(String text) {
        Set<HookEvent> events = EnumSet.noneOf(HookEvent.class);
        Arrays.stream(text.split(",")).forEach(one -> of(one).ifPresent(events::add));
        return events;
    }

    static String write(Set<HookEvent> events) {
        return events.stream().map(HookEvent::code).collect(Collectors.joining(","));
    }
}
