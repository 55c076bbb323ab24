package dev.steelyard.web.shop.history;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Changes.Entry;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who changed what, when and why; two states of prices beside each other. */
@Controller
class HistoryController {

    private static final int PAGE = 50;
    private static final int MOST_COMPARED = 200;

    private final Changes changes;
    private final Shops shops;

    HistoryController(Changes changes, Shops shops) {
        this.changes = changes;
        this.shops = shops;
    }

    @GetMapping("/history")
    String list(
            @RequestParam(defaultValue = "") String subject,
            @RequestParam @Nullable Long of,
            @RequestParam(defaultValue = "") String by,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String until,
            @RequestParam @Nullable Long before,
            Model model) {
        ZoneId zone = shops.current().zone();
        HistorySearch search =
                HistorySearch.read(ChangeSubject.of(subject).orElse(null), of, by, find, from, until, zone);
        List<Entry> found = changes.latest(search, before, PAGE + 1);
        List<Entry> shown = found.subList(0, Math.min(PAGE, found.size()));
        model.addAttribute(
                "lines", shown.stream().map(entry -> ChangeLine.of(entry, zone)).toList());
        model.addAttribute("older", found.size() > PAGE ? shown.get(PAGE - 1).id() : null);
        model.addAttribute("subject", subject);
        model.addAttribute("of", of);
        model.addAttribute(
                "about",
                of == null || shown.isEmpty() ? null : shown.get(0).change().name());
        model.addAttribute("by", by);
        model.addAttribute("find", find);
        model.addAttribute("from", from);
        model.addAttribute("until", until);
        model.addAttribute("faults", HistorySearch.faults(from, until));
        model.addAttribute("people", changes.people());
        model.addAttribute("subjects", ChangeSubject.values());
        return "history/list";
    }

    /** Two states of the prices of one product: as they were after one change and after another. */
    @GetMapping("/history/prices")
    String compare(@RequestParam long of, @RequestParam @Nullable Long a, @RequestParam @Nullable Long b, Model model) {
        ZoneId zone = shops.current().zone();
        List<Entry> all = changes.latest(HistorySearch.of(ChangeSubject.PRICES, of), null, MOST_COMPARED);
        if (all.isEmpty()) {
            throw new NotThere("Nothing was changed in the prices of a product with the number " + of + ".");
        }
        Entry right = one(all, b, all.get(0));
        Entry left = one(all, a, all.size() > 1 ? all.get(1) : all.get(0));
        boolean first = left.id() == right.id();
        model.addAttribute("of", of);
        model.addAttribute("name", right.change().name());
        model.addAttribute("a", left.id());
        model.addAttribute("b", right.id());
        model.addAttribute(
                "states", all.stream().map(entry -> ChangeLine.of(entry, zone)).toList());
        model.addAttribute("leftWords", first ? "before it" : Show.moment(left.at(), zone) + ", " + left.by());
        model.addAttribute("rightWords", Show.moment(right.at(), zone) + ", " + right.by());
        model.addAttribute(
                "differences",
                StateChanges.between(
                        first ? left.change().before() : left.change().after(),
                        right.change().after()));
        return "history/prices";
    }

    private static Entry one(List<Entry> all, @Nullable Long id, Entry otherwise) {
        return all.stream()
                .filter(entry -> id != null && entry.id() == id)
                .findFirst()
                .orElse(otherwise);
    }
}
