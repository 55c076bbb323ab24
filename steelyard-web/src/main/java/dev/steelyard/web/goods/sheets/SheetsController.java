package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.goods.sheets.WaitingSheets.Waiting;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Price sheets: taken out, read in, and all that were. */
@Controller
class SheetsController {

    private static final Logger log = LoggerFactory.getLogger(SheetsController.class);
    private static final int MOST_LISTED = 100;

    private final Batches batches;
    private final BatchWork work;
    private final TakeOut takeOut;
    private final Books books;
    private final Shops shops;
    private final WaitingSheets waiting;

    SheetsController(
            Batches batches, BatchWork work, TakeOut takeOut, Books books, Shops shops, WaitingSheets waiting) {
        this.batches = batches;
        this.work = work;
        this.takeOut = takeOut;
        this.books = books;
        this.shops = shops;
        this.waiting = waiting;
    }

    @GetMapping("/sheets")
    String list(Model model) {
        return page(model, "");
    }

    private String page(Model model, String fault) {
        ZoneId zone = shops.current().zone();
        model.addAttribute("fault", fault);
        model.addAttribute(
                "batches",
                batches.latest(MOST_LISTED).stream()
                        .map(batch -> BatchLine.of(batch, zone))
                        .toList());
        model.addAttribute("groups", shops.groups());
        model.addAttribute("goods", Show.whole(books.inForce().goods().size()));
        return "sheets/list";
    }

    /** Takes a file; it is read in the background, and its page shows how far that is. */
    @PostMapping("/sheets")
    String read(
            @RequestParam @Nullable MultipartFile file,
            @RequestParam(defaultValue = "POINT") CsvForm form,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        if (file == null || file.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(
                    model,
                    file == null
                                    || Objects.requireNonNullElse(file.getOriginalFilename(), "")
                                            .isEmpty()
                            ? "Choose a file first."
                            : "The file is empty.");
        }
        try {
            Path kept = Files.createTempFile("sheet", ".part");
            String fingerprint = keep(file, kept);
            List<String> unknown = SheetLook.unknownHeads(kept, form);
            Waiting one = new Waiting(kept, name(file), form, fingerprint, who.name(), unknown);
            return unknown.isEmpty() ? begin(one, Set.of()) : "redirect:/sheets/heads?of=" + waiting.keep(one);
        } catch (IOException notKept) {
            log.error("A sheet could not be kept", notKept);
            response.setStatus(HttpStatus.INSUFFICIENT_STORAGE.value());
            return page(
                    model,
                    "The file could not be kept here to be read: " + notKept.getMessage() + ". Nothing was changed.");
        }
    }

    private String begin(Waiting one, Set<String> leftOut) {
        long batch = batches.begin(true, one.name(), one.form(), one.fingerprint(), one.by());
        work.read(batch, one.file(), one.form(), leftOut);
        return "redirect:/sheets/" + batch;
    }

    /** Asks about the columns of a file whose heads are not known: each is renamed in the file, or left out by hand. */
    @GetMapping("/sheets/heads")
    String heads(@RequestParam String of, Model model) {
        Waiting one = waiting.find(of).orElse(null);
        if (one == null) {
            return page(model, "The file is not kept here any more. Choose it again.");
        }
        model.addAttribute("of", of);
        model.addAttribute("name", one.name());
        model.addAttribute("unknown", one.unknown());
        model.addAttribute(
                "known", Arrays.stream(Column.values()).map(Column::head).toList());
        return "sheets/heads";
    }

    @PostMapping("/sheets/heads")
    String leaveOut(@RequestParam String of, @RequestParam(required = false) @Nullable List<String> out, Model model) {
        Set<String> leftOut = out == null ? Set.of() : Set.copyOf(out);
        Waiting one = waiting.find(of).orElse(null);
        if (one == null) {
            return page(model, "The file is not kept here any more. Choose it again.");
        }
        if (!leftOut.containsAll(one.unknown())) {
            return "redirect:/sheets/heads?of=" + of;
        }
        return waiting.take(of).map(taken -> begin(taken, leftOut)).orElse("redirect:/sheets");
    }

    private static String name(MultipartFile file) {
        String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        return last.isBlank() ? "a sheet" : last;
    }

    /** @return SHA-256 of what is in it */
    private static String keep(MultipartFile file, Path to) throws IOException {
        MessageDigest digest;
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
        try (InputStream in = new DigestInputStream(file.getInputStream(), digest);
                OutputStream out = Files.newOutputStream(to)) {
            in.transferTo(out);
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    /** The prices of everything that is sold. Sheets of picked goods are taken out where they are picked. */
    @GetMapping("/sheets/out")
    void out(
            @RequestParam(defaultValue = "XLSX") TableKind kind,
            @RequestParam(defaultValue = "POINT") CsvForm form,
            @RequestParam(defaultValue = "false") boolean shelf,
            @RequestParam(defaultValue = "false") boolean everyone,
            @RequestParam(defaultValue = "") Set<String> group,
            HttpServletResponse response)
            throws IOException {
        BookInForce book = books.inForce();
        List<Long> all = book.sold().stream().map(SoldProduct::id).toList();
        response.setContentType(kind.mediaType());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment("prices", "prices", kind.ending()));
        takeOut.write(all, new TakeOut.Picked(shelf, everyone, group), kind, form, response.getOutputStream());
    }
}
