package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The second factor: asked for at sign-in, set up and taken off under one’s own name; and one’s sessions. */
@Controller
class FactorController {

    private static final String PENDING = "steelyard.factor";
    private static final String VIEW = "security/code";
    private static final String OWN = "redirect:/you";

    private final SecondFactor factor;
    private final SignInLimit limit;
    private final SignIns signIns;
    private final Sessions sessions;
    private final Staff staff;
    private final PasswordEncoder passwords;

    FactorController(
            SecondFactor factor,
            SignInLimit limit,
            SignIns signIns,
            Sessions sessions,
            Staff staff,
            PasswordEncoder passwords) {
        this.factor = factor;
        this.limit = limit;
        this.signIns = signIns;
        this.sessions = sessions;
        this.staff = staff;
        this.passwords = passwords;
    }

    @GetMapping(HalfSignedIn.CODE_PAGE)
    String ask(HttpServletRequest request, Model model) {
        model.addAttribute("fault", "");
        return HalfSignedIn.who(request) == null ? "redirect:/sign-in" : VIEW;
    }

    /** Wrong codes slow down as wrong passwords do. */
    @PostMapping(HalfSignedIn.CODE_PAGE)
    String check(
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        StaffMember who = HalfSignedIn.who(request);
        if (who == null) {
            return "redirect:/sign-in";
        }
        String address = request.getRemoteAddr();
        Duration pause = limit.pause(who.getUsername(), address);
        if (!pause.isZero()) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            model.addAttribute("fault", "Too many wrong codes. Try again in " + (pause.toSeconds() + 1) + " seconds.");
            return VIEW;
        }
        if (!factor.opens(who.id(), code)) {
            signIns.wrongCode(who, address);
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute(
                    "fault",
                    "This is not the code that counts now. It changes every 30 seconds, and each is taken once; a code on"
                            + " paper does too.");
            return VIEW;
        }
        HalfSignedIn.done(request);
        staff.signIn(who.getUsername(), request, response);
        signIns.signedIn(who, address);
        return "redirect:/";
    }

    /** Makes a secret, which counts once a code of it was typed. */
    /** The secret that waits for its first code; none where nothing was begun. */
    static byte @Nullable [] pending(HttpServletRequest request) {
        return request.getSession().getAttribute(PENDING) instanceof String secret
                ? HexFormat.of().parseHex(secret)
                : null;
    }

    @PostMapping("/you/factor/begin")
    String begin(HttpServletRequest request) {
        request.getSession().setAttribute(PENDING, HexFormat.of().formatHex(factor.newSecret()));
        return OWN + "#factor";
    }

    @PostMapping("/you/factor/on")
    String turnOn(
            @RequestParam(defaultValue = "") String code,
            @AuthenticationPrincipal StaffMember who,
            HttpServletRequest request,
            RedirectAttributes then) {
        byte[] secret = pending(request);
        if (secret == null) {
            return OWN;
        }
        if (!factor.fits(secret, code)) {
            then.addFlashAttribute(
                    "factorFault", "This is not the code that counts now. Is the clock of your device right?");
            return OWN + "#factor";
        }
        List<String> codes = factor.turnOn(who.id(), secret);
        request.getSession().removeAttribute(PENDING);
        signIns.factor(who, true);
        then.addFlashAttribute("recovery", codes);
        return OWN + "#factor";
    }

    /** Asks for the password, so that nobody takes it off at a browser that was left open. */
    @PostMapping("/you/factor/off")
    String turnOff(
            @RequestParam(defaultValue = "") String old,
            @AuthenticationPrincipal StaffMember who,
            HttpServletRequest request,
            RedirectAttributes then) {
        String address = request.getRemoteAddr();
        boolean right = limit.pause(who.getUsername(), address).isZero()
                && passwords.matches(
                        old, staff.loadUserByUsername(who.getUsername()).getPassword());
        if (right) {
            factor.turnOff(who.id());
            signIns.factor(who, false);
        } else {
            limit.wrong(who.getUsername(), address);
            then.addFlashAttribute("factorFault", "This is not your password. It is still on.");
        }
        return OWN + "#factor";
    }

    /** Ends a session of one’s own. */
    @PostMapping("/you/sessions/{id:\\d{1,18}}/end")
    String end(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        sessions.end(who.id(), id);
        return OWN + "#sessions";
    }
}
