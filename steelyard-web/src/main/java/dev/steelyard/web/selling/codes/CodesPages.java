package dev.steelyard.web.selling.codes;

import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
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
import org.springframework.web.multipart.MultipartFile;

/** The owner's pages of code lists. */
@Controller
@RequestMapping("/codes")
class CodesPages {

    private static final int PAGE = 200;
    private static final int FEW = 5;

    private final Codes codes;

    CodesPages(Codes codes) {
        this.codes = codes;
    }

    @GetMapping
    String all(Model model) {
        return all(NewCodes.EMPTY, model);
    }

    private String all(NewCodes typed, Model model) {
        model.addAttribute("lists", codes.lists());
        model.addAttribute("typed", typed);
        return "codes/lists";
    }

    @PostMapping
    String make(
            @RequestParam Map<String, String> sent,
            @RequestParam @Nullable MultipartFile file,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        String read = file == null || file.isEmpty() ? "" : new String(file.getBytes(), StandardCharsets.UTF_8);
        NewCodes typed = NewCodes.read(sent, read);
        if (typed.faults().isEmpty() && codes.names().contains(typed.name())) {
            typed = typed.saying("name", "There is a list “" + typed.name() + "” already");
        }
        Collection<String> made = typed.faults().isEmpty() ? typed.codes() : List.of();
        List<String> taken = codes.taken(new ArrayList<>(made));
        if (!taken.isEmpty()) {
            typed = typed.saying(
                    "pasted",
                    "In another list already: "
                            + String.join(", ", taken.subList(0, Math.min(FEW, taken.size())))
                            + (taken.size() > FEW ? " and " + (taken.size() - FEW) + " more" : ""));
        }
        if (!typed.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return all(typed, model);
        }
        return "redirect:/codes/" + codes.make(typed.name(), typed.usesEach(), typed.onceEach(), made, who.name());
    }

    private CodeList list(long id) {
        return codes.list(id).orElseThrow(() -> new NotThere("There is no list of codes with the number " + id + "."));
    }

    @GetMapping("/{id:\\d{1,18}}")
    String one(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "0") long after,
            Model model) {
        List<Codes.Given> some = codes.codes(id, find, after, PAGE + 1);
        model.addAttribute("list", list(id));
        model.addAttribute("codes", some.size() > PAGE ? some.subList(0, PAGE) : some);
        model.addAttribute("later", some.size() > PAGE ? some.get(PAGE - 1).id() : null);
        model.addAttribute("find", find);
        return "codes/list";
    }

    @PostMapping("/{id:\\d{1,18}}/turn")
    String turn(@PathVariable long id, @RequestParam long code, @RequestParam boolean off) {
        codes.turn(id, code, off);
        return "redirect:/codes/" + id;
    }

    /** All codes of a list as a file, a line each: the code, how often it was used, for which orders. */
    @GetMapping("/{id:\\d{1,18}}/codes.csv")
    void csv(@PathVariable long id, HttpServletResponse response) throws IOException {
        CodeList list = list(id);
        FileNames.csv(response, list.name(), "codes");
        try (Writer out = response.getWriter()) {
            out.write("code,used,orders\r\n");
            long after = 0;
            for (List<Codes.Given> some = codes.codes(id, "", 0, PAGE);
                    !some.isEmpty();
                    some = codes.codes(id, "", after, PAGE)) {
                for (Codes.Given one : some) {
                    out.write(one.code() + "," + one.uses() + "," + one.orders().replace(",", " ") + "\r\n");
                    after = one.id();
                }
            }
        }
    }
}
