package dev.steelyard.web.base.image;

import dev.steelyard.web.base.page.NotThere;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Serves uploaded pictures; a fingerprint's picture never changes. */
@Controller
class PictureController {

    private final Pictures pictures;

    PictureController(Pictures pictures) {
        this.pictures = pictures;
    }

    /** Takes a picture in, and answers with its address, or with why it cannot be used. */
    @PostMapping("/pictures")
    ResponseEntity<String> keep(@RequestParam MultipartFile picture) throws IOException {
        try {
            return ResponseEntity.ok(pictures.keep(picture.getBytes()));
        } catch (UnusablePicture unusable) {
            return ResponseEntity.unprocessableContent().body(unusable.getMessage());
        }
    }

    @GetMapping("/pictures/{fingerprint:[0-9a-f]{64}}.png")
    ResponseEntity<byte[]> picture(@PathVariable String fingerprint) {
        byte[] png = pictures.png(fingerprint).orElseThrow(() -> new NotThere("There is no such picture."));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .body(png);
    }
}
