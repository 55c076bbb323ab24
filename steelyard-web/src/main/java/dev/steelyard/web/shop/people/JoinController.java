package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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

    JoinController(People people, Staff staff, PasswordEncoder passwords) {
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
    String you(@RequestParam(defaultValue = "false") boolean saved, Model model) {
        model.addAttribute("saved", saved);
        model.addAttribute("faults", Map.of());
        return OWN;
    }

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
        if (!passwords.matches(old, kept)) {
            faults.put("old", "This is not your password");
        }
        faults.putAll(passwordFaults(password, again, who.name(), who.getUsername()));
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("saved", false);
            model.addAttribute("faults", faults);
            return OWN;
        }
        people.setPassword(who.id(), staff.hash(password));
        staff.signIn(who.getUsername(), request, response);
        return "redirect:/you?saved=true";
    }
}
