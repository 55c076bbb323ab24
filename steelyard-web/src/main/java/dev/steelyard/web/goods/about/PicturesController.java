package dev.steelyard.web.goods.about;

import dev.steelyard.web.base.image.GoodsImages;
import dev.steelyard.web.base.image.UnusablePicture;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The pictures of a product: sent, put in order, said in words, taken away. */
@Controller
class PicturesController {

    private final ProductPictures pictures;
    private final GoodsImages images;
    private final ProductController page;
    private final Books books;

    PicturesController(ProductPictures pictures, GoodsImages images, ProductController page, Books books) {
        this.pictures = pictures;
        this.images = images;
        this.page = page;
        this.books = books;
    }

    /** Takes files in; those that can be used are kept, and of the others is said why not. */
    @PostMapping("/goods/{id:\\d{1,18}}/pictures")
    String add(
            @PathVariable long id,
            @RequestParam(name = "file", required = false) @Nullable List<MultipartFile> files,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        List<String> kept = new ArrayList<>();
        List<String> faults = new ArrayList<>();
        for (MultipartFile file : files == null ? List.<MultipartFile>of() : files) {
            if (!file.isEmpty()) {
                try {
                    kept.add(images.keep(file.getBytes()));
                } catch (UnusablePicture unusable) {
                    faults.add(Objects.requireNonNullElse(file.getOriginalFilename(), "A file") + ": "
                            + unusable.getMessage());
                }
            }
        }
        if (kept.isEmpty() && faults.isEmpty()) {
            faults.add("Choose a picture first.");
        }
        String full = pictures.add(id, kept, who.name());
        if (!full.isEmpty()) {
            faults.add(full);
        }
        books.refresh();
        if (faults.isEmpty()) {
            return back(id);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("pictureFaults", faults);
        return page.about(id, "", model);
    }

    /** @param what “first”, “earlier”, “off”, or “words” */
    @PostMapping("/goods/{id:\\d{1,18}}/pictures/{fingerprint}")
    String change(
            @PathVariable long id,
            @PathVariable String fingerprint,
            @RequestParam(name = "do", defaultValue = "words") String what,
            @RequestParam(defaultValue = "") String words,
            @AuthenticationPrincipal StaffMember who) {
        switch (what) {
            case "earlier" -> pictures.earlier(id, fingerprint, who.name());
            case "off" -> pictures.remove(id, fingerprint, who.name());
            default -> pictures.say(id, fingerprint, words, who.name());
        }
        books.refresh();
        return back(id);
    }

    private static String back(long id) {
        return "redirect:/goods/" + id + "/about#pictures";
    }
}
