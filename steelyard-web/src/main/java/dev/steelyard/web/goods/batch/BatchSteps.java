package dev.steelyard.web.goods.batch;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What is done with a batch alike, whatever it is of. */
@Controller
@RequestMapping("/sheets/{id:\\d{1,18}}")
class BatchSteps {

    private final Batches batches;
    private final BatchWork work;

    BatchSteps(Batches batches, BatchWork work) {
        this.batches = batches;
        this.work = work;
    }

    private Batch batch(long id) {
        return batches.find(id).orElseThrow(() -> NotThere.batch(id));
    }

    private String page(long id) {
        return "redirect:" + batch(id).page();
    }

    /** How far it is; once it is there, the whole page is asked for. */
    @GetMapping("/progress")
    String progress(@PathVariable long id, Model model, HttpServletResponse response) {
        Batch batch = batch(id);
        if (!work.isRunning(batch)) {
            response.setHeader("HX-Redirect", batch.page());
        }
        model.addAttribute("batch", batch);
        return "sheets/parts :: progress";
    }

    @PostMapping("/undo")
    String undo(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        work.undo(id, who.name());
        return page(id);
    }

    @PostMapping("/check")
    String check(@PathVariable long id) {
        work.checkAgain(id);
        return page(id);
    }

    @PostMapping("/cancel")
    String cancel(@PathVariable long id) {
        batches.askToCancel(id);
        return page(id);
    }
}
