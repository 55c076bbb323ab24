package dev.steelyard.web.store.keys;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZonedDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Keys of the owner's own store, for who keeps the shop. */
@Controller
@RequestMapping("/shop/keys")
class KeysController {

    private static final String LIST = "redirect:/shop/keys";

    private final Keys keys;
    private final Shops shops;

    KeysController(Keys keys, Shops shops) {
        this.keys = keys;
        this.shops = shops;
    }

    @GetMapping
    String list(Model model) {
        ZonedDateTime now = shops.now();
        model.addAttribute(
                "keys", keys.all().stream().map(key -> KeyLine.of(key, now)).toList());
        return "store/keys";
    }

    @GetMapping("/new")
    String begin(@RequestParam(defaultValue = "SERVER") KeyKind kind, Model model) {
        return form(null, KeyForm.empty(kind), model);
    }

    @PostMapping("/new")
    String make(
            @RequestParam KeyKind kind,
            Typed typed,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        KeyForm form = typed.form(kind);
        KeyWish wish = form.wish(shops.today());
        Keys.Made made = wish == null ? null : keys.make(kind, wish, who.name()).orElse(null);
        if (made == null) {
            if (wish != null) {
                form.faults().put("name", "There are too many keys; those that were taken back count as well");
            }
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return form(null, form, model);
        }
        model.addAttribute("made", made);
        return list(model);
    }

    @GetMapping("/{id}")
    String show(@PathVariable long id, Model model) {
        StoreKey key = key(id);
        return form(key, KeyForm.of(key), model);
    }

    @PostMapping("/{id}")
    String change(
            @PathVariable long id,
            Typed typed,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        StoreKey key = key(id);
        KeyForm form = typed.form(key.kind());
        KeyWish wish = form.wish(shops.today());
        if (wish == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return form(key, form, model);
        }
        keys.change(id, wish, who.name());
        return LIST;
    }

    @PostMapping("/{id}/take-back")
    String takeBack(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        keys.takeBack(key(id).id(), who.name());
        return LIST;
    }

    private StoreKey key(long id) {
        return keys.find(id).orElseThrow(() -> new NotThere("There is no such key."));
    }

    /** The fields as they were sent. */
    record Typed(
            @Nullable String name,
            @Nullable List<KeyRight> right,
            @Nullable String origins,
            @Nullable String perSecond,
            @Nullable String burst,
            @Nullable String until) {

        KeyForm form(KeyKind kind) {
            Set<KeyRight> rights = EnumSet.noneOf(KeyRight.class);
            if (right != null) {
                rights.addAll(right);
            }
            return KeyForm.typed(kind, text(name), rights, text(origins), text(perSecond), text(burst), text(until));
        }

        private static String text(@Nullable String sent) {
            return sent == null ? "" : sent;
        }
    }

    /** @param key none for a new one */
    private String form(@Nullable StoreKey key, KeyForm form, Model model) {
        model.addAttribute("key", key == null ? null : KeyLine.of(key, shops.now()));
        model.addAttribute("title", key == null ? "New " + form.kind().code() + " key" : key.name());
        model.addAttribute("form", form);
        model.addAttribute("rights", KeyRight.values());
        return "store/key";
    }
}
