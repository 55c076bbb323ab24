package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Passwords: taken by whoever has a link, and changed by whoever is signed in. */
@Controller
class JoinController {

    private static final String VIEW = "security/join";
    private static final String OWN = "security/you";

    private final People people;
    private final Staff staff;
    private final PasswordEncoder passwords;
    private final SecondFactor factor;
    private final Sessions sessions;
    private final SignInLimit limit;
    private final Shops shops;

    JoinController(
            People people,
            Staff staff,
            PasswordEncoder passwords,
            SecondFactor factor,
            Sessions sessions,
            SignInLimit limit,
            Shops shops) {
        this.factor = factor;
        this.sessions = sessions;
        this.limit = limit;
        this.shops = shops;
        this.people = people;
        this.staff = staff;
        this.passwords = passwords;
    }

    @GetMapping("/join/{code}")
    String show(@PathVariable String code, Model model) {
        return page(code, "", Map.of(), model);
    }

    @PostMapping("/join/{code}")
    String join(
            @PathVariable String code,
            @RequestParam(defaultValue = "") String signIn,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        People.Invitation invited = people.invitation(code).orElse(null);
        if (invited == null) {
            return page(code, "", Map.of(), model);
        }
        String wanted = signIn.strip();
        Map<String, String> faults = new LinkedHashMap<>();
        String nameFault = invited.staffId() == null ? SignInName.fault(wanted) : null;
        if (nameFault != null) {
            faults.put("signIn", nameFault);
        }
        faults.putAll(passwordFaults(password, again, invited.name(), wanted));
        People.Joined joined = faults.isEmpty() ? people.join(code, wanted, staff.hash(password)) : null;
        if (joined != null && joined.fault() != null) {
            faults.put("signIn", joined.fault());
        }
        if (joined == null || joined.signIn() == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(code, wanted, faults, model);
        }
        StaffMember who = (StaffMember) staff.loadUserByUsername(joined.signIn());
        if (factor.isOn(who.id())) {
            HalfSignedIn.halve(who, request, response);
            return "redirect:" + HalfSignedIn.CODE_PAGE;
        }
        staff.signIn(joined.signIn(), request, response);
        return "redirect:/";
    }

    private static Map<String, String> passwordFaults(String password, String again, String... names) {
        String fault = PasswordRules.fault(password, names);
        return fault != null
                ? Map.of("password", fault)
                : password.equals(again) ? Map.of() : Map.of("again", "This is another one than above");
    }

    private String page(String code, String signIn, Map<String, String> faults, Model model) {
        model.addAttribute("code", code);
        model.addAttribute("invited", people.invitation(code).orElse(null));
        model.addAttribute("signIn", signIn);
        model.addAttribute("faults", faults);
        return VIEW;
    }

    @GetMapping("/you")
    String you(
            @RequestParam(defaultValue = "false") boolean saved,
            @AuthenticationPrincipal StaffMember who,
            HttpServletRequest request,
            Model model) {
        return own(who, saved, Map.of(), request, model);
    }

    private String own(
            StaffMember who, boolean saved, Map<String, String> faults, HttpServletRequest request, Model model) {
        ZoneId zone = shops.current().zone();
        model.addAttribute("saved", saved);
        model.addAttribute("faults", faults);
        model.addAttribute("factorOn", factor.isOn(who.id()));
        model.addAttribute("codesLeft", factor.codesLeft(who.id()));
        byte[] secret = FactorController.pending(request);
        model.addAttribute(
                "picture",
                secret == null ? null : FactorPicture.of(secret, shops.current().name(), who.getUsername()));
        model.addAttribute("here", request.getSession().getAttribute(EndedSessions.SESSION));
        model.addAttribute(
                "sessions",
                sessions.of(who.id()).stream()
                        .map(one -> new Shown(
                                one.id(),
                                Show.moment(one.begun(), zone),
                                Show.moment(one.seen(), zone),
                                one.address(),
                                one.browser()))
                        .toList());
        return OWN;
    }

    /** A session as it is shown. */
    record Shown(long id, String begun, String seen, String address, String browser) {}

    /** Changes one's own password; sessions elsewhere end. */
    @PostMapping("/you")
    String change(
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Map<String, String> faults = new LinkedHashMap<>();
        String kept = staff.loadUserByUsername(who.getUsername()).getPassword();
        Duration pause = limit.pause(who.getUsername(), request.getRemoteAddr());
        if (!pause.isZero()) {
            faults.put("old", "Too many wrong ones. Try again in " + (pause.toSeconds() + 1) + " seconds");
        } else if (!passwords.matches(old, kept)) {
            limit.wrong(who.getUsername(), request.getRemoteAddr());
            faults.put("old", "This is not your password");
        }
        faults.putAll(passwordFaults(password, again, who.name(), who.getUsername()));
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return own(who, false, faults, request, model);
        }
        people.setPassword(who.id(), staff.hash(password));
        staff.signIn(who.getUsername(), request, response);
        return "redirect:/you?saved=true";
    }
}
