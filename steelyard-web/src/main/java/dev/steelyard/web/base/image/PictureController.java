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
    private final GoodsImages goods;

    PictureController(Pictures pictures, GoodsImages goods) {
        this.pictures = pictures;
        this.goods = goods;
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
        return forEver(MediaType.IMAGE_PNG, png);
    }

    /** A picture of goods, large or small. */
    @GetMapping("/pictures/goods/{fingerprint:[0-9a-f]{64}}/{size:large|small}")
    ResponseEntity<byte[]> ofGoods(@PathVariable String fingerprint, @PathVariable String size) {
        GoodsImages.Served served = goods.find(fingerprint, size.equals("large"))
                .orElseThrow(() -> new NotThere("There is no such picture."));
        return forEver(MediaType.parseMediaType(served.mediaType()), served.bytes());
    }

    private static ResponseEntity<byte[]> forEver(MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .body(bytes);
    }
}
