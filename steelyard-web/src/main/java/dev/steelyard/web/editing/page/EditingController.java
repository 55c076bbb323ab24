package dev.steelyard.web.editing.page;

import dev.steelyard.core.number.WrittenBlock;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.editing.draft.Merge;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.live.AtOnce;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of one draft: shown whole, answered at each keystroke, every edit kept. */
@Controller
@RequestMapping("/{where:cards|deals|goods}/{id}")
class EditingController {

    private static final String PAGE = "editing/page";
    private static final String FORM = "editing/page :: draft";

    /** Wishes that are answers to what the page says, and change nothing of the draft by themselves. */
    private static final List<String> ANSWERS = List.of("undo", "redo", "take-theirs", "keep-mine", "settle");

    private final Drafts drafts;
    private final Frames frames;
    private final AtOnce atOnce;
    private final Map<DraftKind, Editor> editors = new EnumMap<>(DraftKind.class);

    EditingController(Drafts drafts, Frames frames, AtOnce atOnce, List<Editor> all) {
        this.drafts = drafts;
        this.frames = frames;
        this.atOnce = atOnce;
        all.forEach(editor -> editors.put(editor.kind(), editor));
    }

    private Editor editor(String where) {
        return Objects.requireNonNull(editors.get(DraftKind.at(where)));
    }

    @GetMapping
    String show(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String step,
            Model model) {
        Editor editor = editor(where);
        Draft entry = drafts.get(editor.kind(), id);
        String shown = step.isEmpty() ? editor.opensAt(entry).code() : step;
        EditForm form = EditForm.opened(
                entry.number(), shown, TrialText.read(entry.trial()).fields());
        frames.fill(model, editor, frames.subject(), Editor.Showing.kept(entry, form), null, false);
        return PAGE;
    }

    /** Answers with the page for what is typed; keeps it unless the wish is only to look. */
    @PostMapping("/edit")
    String edit(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Editor editor = editor(where);
        Draft entry = drafts.get(editor.kind(), id);
        EditForm sentForm = editor.tried(EditForm.read(sent), entry);
        DraftDocument base = sentForm.basedOn() == entry.number()
                ? entry.document()
                : drafts.version(id, sentForm.basedOn()).orElse(entry.document());
        Edit edit = new Edit(editor, entry, sentForm, base);
        String wish = edit.form.value("do");
        Subject subject = frames.subject();
        if (wish.equals("look")) {
            frames.fill(model, editor, subject, edit.typedOver(entry), edit.waiting(), false);
            return FORM;
        }
        Notice refused = edit.wished(subject, wish);
        KeepResult result = (wish.equals("undo")
                        ? drafts.undo(id, edit.form.basedOn(), who.name())
                        : wish.equals("redo")
                                ? drafts.redo(id, edit.form.basedOn(), who.name())
                                : drafts.keep(
                                        id,
                                        edit.form.basedOn(),
                                        edit.meant,
                                        new TrialText(edit.form.trial()).write(),
                                        edit.picked(wish),
                                        who.name()))
                .orElseThrow(() -> editor.kind().missing(id));
        if (result instanceof KeepResult.Kept kept) {
            Notice notice = kept.over() == null ? refused : Meanwhile.both(editor.kind(), kept.over(), edit.base);
            if (wish.equals("save") && refused == null) {
                Notice saved = atOnce.putLive(editor.kind(), kept.entry(), edit.form.value("why"), who.name());
                notice = notice == null ? saved : saved.with(notice);
                subject = frames.subject();
            }
            boolean fresh = !wish.equals("keep") || kept.over() != null;
            EditForm form = fresh ? edit.form.withoutFields() : edit.form;
            frames.fill(model, editor, subject, Editor.Showing.kept(kept.entry(), form), notice, kept.over() != null);
            return FORM;
        }
        KeepResult.ChangedMeanwhile meanwhile = (KeepResult.ChangedMeanwhile) result;
        if (meanwhile.conflicts().isEmpty()) {
            Notice notice = Meanwhile.notUndone(editor.kind(), meanwhile.entry(), edit.base);
            frames.fill(
                    model,
                    editor,
                    subject,
                    Editor.Showing.kept(meanwhile.entry(), edit.form.withoutFields()),
                    notice,
                    true);
            return FORM;
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        Notice notice = Meanwhile.touch(
                editor.kind(), meanwhile.entry(), edit.base, edit.typed, edit.form, meanwhile.conflicts());
        frames.fill(model, editor, subject, edit.typedOver(meanwhile.entry()), notice, false);
        return FORM;
    }

    /** An edit as it was sent: what the form was made from, what is typed, what is meant by it. */
    private static final class Edit {

        private final Editor editor;
        private final Draft entry;
        private final EditForm form;
        private final DraftDocument base;
        private final DraftDocument typed;
        private DraftDocument meant;

        Edit(Editor editor, Draft entry, EditForm form, DraftDocument base) {
            this.editor = editor;
            this.entry = entry;
            this.form = form;
            this.base = base;
            typed = editor.typed(form, base);
            meant = editor.meant(base, typed);
        }

        /** Does what is wished to what is meant; where it does not fit, what is typed is all that is kept. */
        @Nullable
        Notice wished(Subject subject, String wish) {
            DraftDocument changed = meant.copy();
            try {
                if (!ANSWERS.contains(wish)) {
                    editor.wishes().apply(new Wished(entry, changed, form, subject));
                }
                editor.tidy(changed);
                meant = changed;
                return null;
            } catch (NotFitting words) {
                return Notice.wrong(words.sentence());
            } catch (WrittenBlock.Contradiction words) {
                return Notice.wrong("Nothing was pasted: " + words.getMessage() + ".");
            }
        }

        /** Which side is taken at places that both changed. */
        Merge.Picked picked(String wish) {
            return switch (wish) {
                case "keep-mine" -> place -> Merge.Side.MINE;
                case "take-theirs" -> place -> Merge.Side.THEIRS;
                case "settle" -> place -> side(form.value("m:" + place));
                default -> Merge.Picked.NOTHING; // what is marked counts once it is pressed
            };
        }

        private static Merge.@Nullable Side side(String picked) {
            return picked.equals("theirs") ? Merge.Side.THEIRS : picked.equals("mine") ? Merge.Side.MINE : null;
        }

        @Nullable
        Notice waiting() {
            return form.basedOn() == entry.number() ? null : Meanwhile.waits(editor.kind(), entry, base, typed, form);
        }

        /** The page as it is for whoever still has an older version before them. */
        Editor.Showing typedOver(Draft now) {
            return new Editor.Showing(now.withNumber(form.basedOn()), base, typed, meant, form);
        }
    }

    /** The draft in the open format. */
    @GetMapping({"/card.json", "/deal.json"})
    ResponseEntity<String> write(@PathVariable String where, @PathVariable long id) {
        Editor editor = editor(where);
        Draft entry = drafts.get(editor.kind(), id);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        FileNames.attachment(entry.name(), editor.kind().word(), "json"))
                .body(editor.write(entry.document()));
    }
}
