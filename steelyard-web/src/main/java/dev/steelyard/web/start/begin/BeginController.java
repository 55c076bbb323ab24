package dev.steelyard.web.start.begin;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.Currencies;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.people.Staff;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Asks what shop it is, in four steps that one can go back to. */
@Controller
@RequestMapping("/begin")
class BeginController {

    private static final String FORM = "begin";
    private static final String DOOR = "redirect:/begin";

    /** Where each way to come to goods leads. */
    private static final Map<String, String> GOODS =
            Map.of("sheet", "/sheets?of=GOODS", "first", "/goods/new", "later", "/today");

    private final BeginCode code;
    private final Beginning beginning;
    private final Staff staff;
    private final Books books;

    BeginController(BeginCode code, Beginning beginning, Staff staff, Books books) {
        this.code = code;
        this.beginning = beginning;
        this.staff = staff;
        this.books = books;
    }

    /** With the code that was printed: lets in whoever has it. */
    @GetMapping
    String door(
            @RequestParam(name = "code", defaultValue = "") String typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (form(request) != null) {
            return "redirect:" + BeginStep.YOU.path();
        }
        return typed.isBlank() ? "begin/code" : open(typed, request, response, model);
    }

    @PostMapping
    String open(
            @RequestParam(name = "code", defaultValue = "") String typed,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (code.opens(typed)) {
            request.getSession().setAttribute(FORM, new BeginForm());
            return "redirect:" + BeginStep.YOU.path();
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute(
                "fault",
                code.isGuessedAt()
                        ? "Too many wrong codes were typed. Stop Steelyard and start it again: it prints a new one."
                        : "This is not the code. It stands in the address that was printed last where Steelyard was started.");
        return "begin/code";
    }

    @GetMapping("/{step}")
    String show(@PathVariable String step, HttpServletRequest request, Model model) {
        BeginForm form = form(request);
        return form == null ? DOOR : page(step(step), form, Map.of(), model);
    }

    @PostMapping("/{step}")
    String next(
            @PathVariable(name = "step") String at,
            @RequestParam Map<String, String> sent,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        BeginForm form = form(request);
        if (form == null) {
            return DOOR;
        }
        String to = next(step(at), form, sent, request, response, model);
        keep(form, request);
        return to;
    }

    /** What changed in a session's form is kept once it is said so. */
    private static void keep(BeginForm form, HttpServletRequest request) {
        if (form(request) != null) {
            request.getSession().setAttribute(FORM, form);
        }
    }

    private String next(
            BeginStep step,
            BeginForm form,
            Map<String, String> sent,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        form.read(step, sent);
        String what = sent.getOrDefault("do", "next");
        if (what.equals("back")) {
            return "redirect:" + step.before().path();
        }
        if (what.equals("propose") || step == BeginStep.SHOP && form.isOfAnotherCountry()) {
            form.propose();
            model.addAttribute("proposed", Countries.all().get(form.get("country")));
            return page(step, form, Map.of(), model);
        }
        Map<String, String> faults = new HashMap<>();
        if (step == BeginStep.YOU) {
            faults.putAll(
                    form.password(sent.getOrDefault("password", ""), sent.getOrDefault("again", ""), staff::hash));
        }
        form.faults(step).forEach(faults::putIfAbsent);
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(step, form, faults, model);
        }
        return step == BeginStep.GOODS
                ? finish(form, what, request, response)
                : "redirect:" + step.next().path();
    }

    private String finish(BeginForm form, String what, HttpServletRequest request, HttpServletResponse response) {
        Optional<BeginStep> unfinished = List.of(BeginStep.values()).stream()
                .filter(step -> !form.faults(step).isEmpty())
                .findFirst();
        if (unfinished.isPresent()) {
            return "redirect:" + unfinished.get().path();
        }
        if (beginning.make(form)) {
            code.use();
            books.refresh();
            request.getSession().removeAttribute(FORM);
            staff.signIn(form.get("signIn"), request, response);
        }
        return "redirect:" + GOODS.getOrDefault(what, "/today");
    }

    private static BeginStep step(String code) {
        return BeginStep.of(code).orElseThrow(() -> new NotThere("There is no step " + code));
    }

    private static @Nullable BeginForm form(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? null : (BeginForm) session.getAttribute(FORM);
    }

    private static String page(BeginStep step, BeginForm form, Map<String, String> faults, Model model) {
        model.addAttribute("step", step);
        model.addAttribute("steps", BeginStep.values());
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("countries", Countries.all());
        model.addAttribute("currencies", Currencies.all());
        model.addAttribute(
                "zones", ZoneId.getAvailableZoneIds().stream().sorted().toList());
        return "begin/step";
    }
}
