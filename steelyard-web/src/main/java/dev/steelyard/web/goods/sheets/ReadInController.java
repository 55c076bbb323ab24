package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.SheetColumn;
import dev.steelyard.format.columns.ColumnGuess;
import dev.steelyard.format.columns.ColumnSeen;
import dev.steelyard.format.columns.DayOrder;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.UnreadableTable;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.WaitingSheets;
import dev.steelyard.web.goods.batch.WaitingSheets.Waiting;
import dev.steelyard.web.goods.sheets.KnownColumns.Picked;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Files that are read in: sent, and asked about where it cannot be told which of their columns is what. */
@Controller
class ReadInController {

    private static final Logger log = LoggerFactory.getLogger(ReadInController.class);
    private static final String GONE = "The file is not kept here any more. Choose it again.";

    private final SheetUploads uploads;
    private final SheetsPage page;
    private final WaitingSheets waiting;
    private final Shops shops;

    ReadInController(SheetUploads uploads, SheetsPage page, WaitingSheets waiting, Shops shops) {
        this.shops = shops;
        this.uploads = uploads;
        this.page = page;
        this.waiting = waiting;
    }

    /** Takes a file; it is read in the background, and its page shows how far that is. */
    @PostMapping("/sheets")
    String take(
            @RequestParam @Nullable MultipartFile file,
            @RequestParam(defaultValue = "SHEET") Batch.Origin of,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        if (file == null || file.isEmpty()) {
            boolean none = file == null
                    || Objects.requireNonNullElse(file.getOriginalFilename(), "")
                            .isEmpty();
            return refused(model, of, none ? "Choose a file first." : "The file is empty.", response);
        }
        try {
            return "redirect:" + uploads.take(file, of, who.name());
        } catch (UnreadableTable unreadable) {
            return refused(model, of, Objects.requireNonNull(unreadable.getMessage()), response);
        } catch (IOException notKept) {
            log.error("A sheet could not be kept", notKept);
            String fault =
                    "The file could not be kept here to be read: " + notKept.getMessage() + ". Nothing was changed.";
            page.fill(model, of, fault);
            response.setStatus(HttpStatus.INSUFFICIENT_STORAGE.value());
            return "sheets/list";
        }
    }

    private String refused(Model model, Batch.Origin of, String fault, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page.fill(model, of, fault);
    }

    /** Asks which column of a file is what. */
    @GetMapping("/sheets/columns")
    String columns(@RequestParam String of, Model model, HttpServletResponse response) {
        Waiting one = waiting.find(of).orElse(null);
        return one == null
                ? refused(model, Batch.Origin.SHEET, GONE, response)
                : asking(model, of, one, uploads.proposal(one), Map.of());
    }

    private String asking(Model model, String of, Waiting one, Picked picked, Map<Integer, String> faults) {
        model.addAttribute("of", of);
        model.addAttribute("name", one.name());
        model.addAttribute("goods", one.origin() == Batch.Origin.GOODS);
        model.addAttribute("seen", one.seen());
        model.addAttribute("columns", one.origin().columns());
        model.addAttribute(
                "readings", ColumnReadings.of(one.seen(), shops.current().currency(), counts(one, picked)));
        model.addAttribute("picked", picked);
        model.addAttribute("faults", faults);
        return "sheets/columns";
    }

    /** Numbers of the columns that are said to hold counts. */
    private static Set<Integer> counts(Waiting one, Picked picked) {
        return picked.picks().entrySet().stream()
                .filter(pick -> ColumnGuess.holds(one.origin().columns(), pick.getValue()) == SheetColumn.Holding.COUNT)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    @PostMapping("/sheets/columns")
    String pick(
            @RequestParam String of,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        Waiting one = waiting.find(of).orElse(null);
        if (one == null) {
            return refused(model, Batch.Origin.SHEET, GONE, response);
        }
        if (sent.containsKey("turn")) {
            return turned(of, one, model, response);
        }
        Picked picked = picked(one, sent);
        Map<Integer, String> faults = uploads.faults(one, picked);
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return asking(model, of, one, picked, faults);
        }
        return "redirect:" + uploads.read(of, one, picked, who.name());
    }

    private String turned(String of, Waiting one, Model model, HttpServletResponse response) throws IOException {
        try {
            uploads.turn(of, one);
            return "redirect:/sheets/columns?of=" + of;
        } catch (UnreadableTable unreadable) {
            return refused(model, one.origin(), Objects.requireNonNull(unreadable.getMessage()), response);
        }
    }

    private static Picked picked(Waiting one, MultiValueMap<String, String> sent) {
        Map<Integer, String> picks = new HashMap<>();
        Map<Integer, CsvForm> signs = new HashMap<>();
        Map<Integer, DayOrder> orders = new HashMap<>();
        for (ColumnSeen column : one.seen().columns()) {
            int place = column.place();
            String pick = Objects.requireNonNullElse(sent.getFirst("is." + place), "");
            boolean known = pick.equals(ColumnGuess.OUT);
            for (var any : one.origin().columns()) {
                known |= any.name().equals(pick);
            }
            if (known) {
                picks.put(place, pick);
            }
            String how = Objects.requireNonNullElse(sent.getFirst("how." + place), "");
            for (CsvForm form : CsvForm.values()) {
                if (form.name().equals(how)) {
                    signs.put(place, form);
                }
            }
            for (DayOrder order : DayOrder.values()) {
                if (order.name().equals(how)) {
                    orders.put(place, order);
                }
            }
        }
        return new Picked(picks, signs, orders);
    }
}
