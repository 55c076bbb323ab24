package dev.steelyard.web.goods.past;

import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceStates;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.StateChanges;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The prices of one product as they were at the end of a day, beside those of now, and all that changed them. */
@Controller
class PastPricesController {

    private static final int MOST_WORDS = 8;

    private final GoodsStore goods;
    private final PriceStates states;
    private final PriceEvents events;
    private final Shops shops;

    PastPricesController(GoodsStore goods, PriceStates states, PriceEvents events, Shops shops) {
        this.goods = goods;
        this.states = states;
        this.events = events;
        this.shops = shops;
    }

    /** A change as it is listed. */
    record Line(String at, String by, String how, String why, String link, List<String> words) {}

    @GetMapping("/goods/{id}/past")
    String past(@PathVariable long id, @RequestParam(defaultValue = "") String day, Model model) {
        GoodsEntry entry = goods.find(id).orElseThrow(() -> none(id));
        Map<String, String> now = states.now(id).orElseThrow(() -> none(id));
        ZoneId zone = shops.current().zone();
        model.addAttribute("fault", "");
        LocalDate asked = DayText.read(day, fault -> model.addAttribute("fault", fault));
        LocalDate on = asked == null ? shops.today() : asked;
        List<PriceEvent> all = events.of(id);
        model.addAttribute("id", id);
        model.addAttribute("name", entry.name());
        model.addAttribute("day", on);
        model.addAttribute("dayWords", Show.day(on));
        Map<String, String> then = at(on.plusDays(1).atStartOfDay(zone).toInstant(), now, all);
        model.addAttribute(
                "prices",
                StateChanges.between(Map.of(), then).stream()
                        .map(one ->
                                new StateChanges.Difference(one.name(), one.after(), now.getOrDefault(one.name(), "")))
                        .toList());
        model.addAttribute(
                "since",
                StateChanges.between(then, now).stream()
                        .filter(one -> one.before().isEmpty())
                        .toList());
        model.addAttribute("lines", all.stream().map(one -> line(one, zone)).toList());
        return "pastprices/past";
    }

    /** The prices before a moment: those of now with everything taken back that happened from then on. */
    private static Map<String, String> at(Instant moment, Map<String, String> now, List<PriceEvent> newestFirst) {
        Map<String, String> state = new HashMap<>(now);
        for (PriceEvent one : newestFirst) {
            if (!one.at().isBefore(moment)) {
                one.after().keySet().forEach(state::remove);
                state.putAll(one.before());
            }
        }
        return state;
    }

    private static Line line(PriceEvent one, ZoneId zone) {
        return new Line(
                Show.moment(one.at(), zone),
                one.by(),
                one.how(),
                one.why(),
                one.link(),
                FirstLines.of(
                        StateChanges.between(one.before(), one.after()).stream()
                                .map(StateChanges.Difference::words)
                                .toList(),
                        MOST_WORDS));
    }

    private static NotThere none(long id) {
        return new NotThere("There is no product with the number " + id + ".");
    }
}
