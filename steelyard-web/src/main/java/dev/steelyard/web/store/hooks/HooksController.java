package dev.steelyard.web.store.hooks;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Addresses that are told, and what was sent to them, for who keeps the shop. */
@Controller
@RequestMapping("/shop/webhooks")
class HooksController {

    private static final String HERE = "redirect:/shop/webhooks";
    private static final int MOST = 100;
    private static final int MOST_HOOKS = 50;

    private final Webhooks hooks;
    private final Deliveries deliveries;
    private final Distribution distribution;
    private final HookAddress addresses;
    private final Shops shops;

    HooksController(
            Webhooks hooks, Deliveries deliveries, Distribution distribution, HookAddress addresses, Shops shops) {
        this.hooks = hooks;
        this.deliveries = deliveries;
        this.distribution = distribution;
        this.addresses = addresses;
        this.shops = shops;
    }

    /**
     * An address as shown.
     *
     * @param standing how it stands, in words
     */
    record Line(long id, String address, Set<HookEvent> events, String standing, boolean paused, boolean failing) {

        static Line of(Webhook hook, ZoneId zone) {
            String standing = hook.pausedAt() != null
                    ? "paused since " + Show.moment(hook.pausedAt(), zone) + ": " + hook.pausedWhy()
                    : hook.failingSince() != null
                            ? "nothing gets through since " + Show.moment(hook.failingSince(), zone)
                            : "told";
            return new Line(
                    hook.id(),
                    hook.address(),
                    hook.events(),
                    standing,
                    hook.pausedAt() != null,
                    hook.failingSince() != null);
        }
    }

    /** A delivery as shown. */
    record Sending(
            long id, String at, String type, String address, String state, String answer, String body, boolean taken) {

        static Sending of(Deliveries.Sent sent, ZoneId zone) {
            String tried = sent.tries() == 0 ? "" : sent.tries() == 1 ? "" : ", " + sent.tries() + " tries";
            String state =
                    switch (sent.state()) {
                        case "TAKEN" -> "taken" + tried;
                        case "LEFT" -> "given up" + tried;
                        default -> sent.tries() == 0
                                ? "waits"
                                : "tried again " + Show.moment(sent.nextAt(), zone) + tried;
                    };
            return new Sending(
                    sent.id(),
                    Show.moment(sent.madeAt(), zone),
                    sent.type(),
                    sent.address(),
                    state,
                    (sent.status() == null ? "" : sent.status() + " ") + sent.answer(),
                    sent.body(),
                    sent.state().equals("TAKEN"));
        }
    }

    @GetMapping
    String show(Model model) {
        return page(model, "", "", EnumSet.of(HookEvent.PRICES_CHANGED));
    }

    @PostMapping
    String change(
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "0") long id,
            @RequestParam(defaultValue = "") String address,
            @RequestParam(required = false) @Nullable List<HookEvent> event,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Set<HookEvent> events = EnumSet.noneOf(HookEvent.class);
        if (event != null) {
            events.addAll(event);
        }
        if (what.equals("again")) {
            deliveries.again(id).orElseThrow(() -> new NotThere("There is no such delivery."));
            return HERE;
        }
        String typed = address.strip();
        if (what.equals("add") || what.equals("change")) {
            String fault = addresses.fault(typed);
            if (fault == null && events.isEmpty()) {
                fault = "Say at least one thing that the address is to be told";
            } else if (fault == null && what.equals("add") && hooks.all().size() >= MOST_HOOKS) {
                fault = "There are " + MOST_HOOKS + " addresses already";
            }
            if (fault != null) {
                response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
                return page(model, fault, typed, events);
            }
        }
        if (what.equals("add")) {
            model.addAttribute("made", hooks.make(typed, events, who.name()));
            return show(model);
        }
        Webhook hook = hooks.find(id).orElseThrow(() -> new NotThere("There is no such address."));
        switch (what) {
            case "change" -> hooks.change(hook, typed, events, who.name());
            case "ping" -> distribution.ping(hook);
            case "pause" -> hooks.pause(hook, "by " + who.name(), who.name());
            case "resume" -> hooks.resume(hook, who.name());
            case "remove" -> hooks.remove(hook, who.name());
            default -> throw new NotThere("“" + what + "” is nothing that can be done here.");
        }
        return HERE;
    }

    private String page(Model model, String fault, String typed, Set<HookEvent> events) {
        ZoneId zone = shops.current().zone();
        model.addAttribute("fault", fault);
        model.addAttribute("typed", typed);
        model.addAttribute("picked", events);
        model.addAttribute("events", HookEvent.values());
        model.addAttribute(
                "hooks", hooks.all().stream().map(one -> Line.of(one, zone)).toList());
        model.addAttribute(
                "sendings",
                deliveries.latest(MOST).stream()
                        .map(one -> Sending.of(one, zone))
                        .toList());
        return "store/webhooks";
    }
}
