package dev.steelyard.web.shop.settings;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.ShopHabits;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.Taxes;
import dev.steelyard.web.shop.Taxes.Setting;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import dev.steelyard.words.Language;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes how prices stand to tax, and keeps who did it. */
@Service
class TaxSettings {

    private final Taxes taxes;
    private final Shops shops;
    private final Changes changes;

    TaxSettings(Taxes taxes, Shops shops, Changes changes) {
        this.taxes = taxes;
        this.shops = shops;
        this.changes = changes;
    }

    /**
     * Puts a setting in place of another.
     *
     * @param seen the setting the page was made from, as {@link #state} writes it
     * @return whether it was done; not where the setting is another by now
     */
    @Transactional
    boolean change(Setting wanted, String seen, String by) {
        shops.hold();
        Map<String, String> before = state(taxes.setting());
        if (!before.toString().equals(seen)) {
            return false;
        }
        Map<String, String> after = state(wanted);
        Map<String, List<String>> fields = TaxForm.of(taxes.setting()).fields();
        if (!after.equals(before)) {
            shops.raiseRevision();
            taxes.set(wanted);
            changes.keep(
                    new Change(ChangeSubject.TAX, 1, shops.current().name(), What.TAX, "", before, after),
                    "tax",
                    fields,
                    by);
        }
        return true;
    }

    /** Says how the shop works, and whether whoever is at the counter may be another customer. */
    @Transactional
    void work(ShopHabits habits, boolean beAnother, String by) {
        shops.hold();
        Map<String, String> before = habits(shops.current());
        Map<String, List<String>> fields = new TreeMap<>();
        work(shops.current()).forEach((name, text) -> fields.put(name, List.of(text)));
        shops.set(habits);
        shops.letBeAnother(beAnother);
        Map<String, String> after = habits(shops.current());
        if (!after.equals(before)) {
            shops.raiseRevision();
            changes.keep(
                    new Change(ChangeSubject.SHOP, 1, shops.current().name(), What.SHOP, "", before, after),
                    "work",
                    fields,
                    by);
        }
    }

    /**
     * Sets the shop's name, bounds and address.
     *
     * @param seen what stood there when the page was made, as {@link #state(Shop)} writes it
     * @return whether it was done; not where it is another by now
     */
    @Transactional
    boolean change(BoundsForm form, String seen, String by) {
        shops.hold();
        Shop before = shops.current();
        if (!state(before).toString().equals(seen)) {
            return false;
        }
        shops.set(form.get("name"), form.bounds(), form.invoicing());
        shops.raiseRevision();
        Shop after = shops.current();
        if (!state(after).equals(state(before))) {
            Map<String, List<String>> fields = new TreeMap<>();
            BoundsForm.of(before).typed().forEach((name, text) -> fields.put(name, List.of(text)));
            changes.keep(
                    new Change(ChangeSubject.SHOP, 1, after.name(), What.SHOP, "", state(before), state(after)),
                    "bounds",
                    fields,
                    by);
        }
        return true;
    }

    /** The shop's name, bounds and address as names and figures. */
    static Map<String, String> state(Shop shop) {
        BoundsForm form = BoundsForm.of(shop);
        Map<String, String> state = new TreeMap<>();
        state.put("name", form.get("name"));
        state.put("smallest margin", form.get("margin").isEmpty() ? "none" : form.get("margin") + " %");
        state.put("pieces of one line, at most", "" + shop.bounds().mostPieces());
        state.put("asked about from a change of", form.get("largeChange") + " %");
        state.put("a hint gives at most", form.get("hintGives") + " %");
        state.put(
                "an order becomes dearer by at most",
                form.get("dearest").isEmpty() ? "anything" : form.get("dearest") + " %");
        state.put("address", String.join(", ", shop.invoicing().lines()));
        state.put("tax number", form.get("taxNumber"));
        state.put("order numbers begin with", form.get("orderPrefix"));
        return state;
    }

    /** The fields that say how the shop works. */
    static Map<String, String> work(Shop shop) {
        return Map.of(
                "beAnother", "" + shop.beAnother(),
                "counterOpen", "" + shop.habits().counterOpen(),
                "decimalComma", "" + shop.habits().decimalComma(),
                "twoEyes", "" + shop.habits().twoEyes(),
                "allOrders", "" + shop.habits().allOrders(),
                "lowestNamed", "" + shop.habits().lowestNamed(),
                "languages",
                        shop.habits().languages().stream().map(Language::code).collect(Collectors.joining(",")));
    }

    private static Map<String, String> habits(Shop shop) {
        Map<String, String> state = new TreeMap<>();
        state.put("at the counter, be another customer", shop.beAnother() ? "everybody" : "staff only");
        state.put("the counter is", shop.habits().counterOpen() ? "open" : "for staff only");
        state.put("numbers have a decimal", shop.habits().decimalComma() ? "comma" : "point");
        state.put("texts are written in", shop.habits().language().title());
        state.put(
                "shoppers read",
                shop.habits().languages().stream().map(Language::title).collect(Collectors.joining(", ")));
        state.put("drafts are put live by", shop.habits().twoEyes() ? "somebody else" : "anybody who may");
        state.put("the lowest price of 30 days is", shop.habits().lowestNamed() ? "named" : "not named");
        state.put("orders told of are", shop.habits().allOrders() ? "all" : "those of your own store");
        return state;
    }

    /** A setting as names and figures. */
    Map<String, String> state(Setting setting) {
        Map<Long, String> classes = taxes.classNames();
        Map<String, String> state = new TreeMap<>();
        state.put("prices", setting.included() ? "with tax" : "without tax");
        state.put("rounded", setting.perLine() ? "line by line" : "per rate over the basket");
        state.put("home country", setting.home());
        state.put("shown without tax to", String.join(", ", setting.groupsWithout()));
        setting.rates()
                .forEach((country, rates) -> rates.forEach(
                        (id, rate) -> state.put(country + ", " + classes.get(id), Decimals.plain(rate, 0) + " %")));
        return state;
    }
}
