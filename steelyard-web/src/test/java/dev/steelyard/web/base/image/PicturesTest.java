package dev.steelyard.web.base.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(WithApp.class)
class PicturesTest {

    /** One pixel, lossy. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg"})
    void aPictureIsEncodedAnewAndBounded(String kind) throws IOException {
        PictureReader.Encoded encoded = PictureReader.read(picture(kind, 1200, 600));
        BufferedImage again = ImageIO.read(new ByteArrayInputStream(encoded.png()));
        assertThat(again.getWidth()).isEqualTo(480);
        assertThat(again.getHeight()).isEqualTo(240);
    }

    /** As deep and as large as is taken: only what is kept of it is decoded. */
    @Test
    void aLargePictureOfSixteenBitsIsReadByEveryFewthPixel() throws IOException {
        ColorModel deep = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_GRAY), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        BufferedImage large = new BufferedImage(deep, deep.createCompatibleWritableRaster(4_000, 4_000), false, null);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(large, "png", bytes);

        assertThat(PictureReader.read(bytes.toByteArray()).width()).isEqualTo(480);
    }

    @Test
    void webpIsRead() {
        assertThat(PictureReader.read(Base64.getDecoder().decode(WEBP)).width()).isEqualTo(1);
    }

    @Test
    void whatIsNoPictureOrTooLargeIsRefusedInWords() throws IOException {
        assertThatThrownBy(() -> PictureReader.read("<svg/>".getBytes(StandardCharsets.UTF_8)))
                .hasMessage("This file is no picture that can be read. PNG, JPEG and WebP pictures can be used.");
        assertThatThrownBy(() -> PictureReader.read(new byte[0])).hasMessageContaining("No file was sent");
        assertThatThrownBy(() -> PictureReader.read(new byte[50_000_000]))
                .hasMessage("This file has 50 MB; a picture may have up to 5 MB.");
        assertThatThrownBy(() -> PictureReader.read(picture("png", 30_000, 1)))
                .hasMessage("This picture is 30000 × 1 pixels; a side may have up to 6000.");
        assertThatThrownBy(() -> PictureReader.read(picture("png", 5_000, 4_000)))
                .hasMessage("This picture has 5000 × 4000 pixels, 20 million; a picture may have up to 16 million."
                        + " Save it smaller.");
        byte[] cut = picture("png", 400, 400);
        byte[] half = Arrays.copyOf(cut, cut.length / 2);
        assertThatThrownBy(() -> PictureReader.read(half)).isInstanceOf(UnusablePicture.class);
    }

    @Test
    void aKeptPictureIsServedToAnyoneAndKeptOnce(App app, Http shopper) throws IOException {
        Pictures pictures = app.bean(Pictures.class);
        String file = pictures.keep(picture("png", 20, 20));
        assertThat(pictures.keep(picture("png", 20, 20))).isEqualTo(file);
        assertThat(shopper.get(file).response().headers().firstValue("content-type"))
                .contains("image/png");
        assertThat(pictures.all()).extracting(Pictures.Picture::file).contains(file, "/assets/options/rope.svg");
        assertThat(shopper.get("/assets/options/rope.svg").status()).isEqualTo(200);
        assertThat(shopper.get("/pictures/" + "0".repeat(64) + ".png").status()).isEqualTo(404);
    }

    private static byte[] picture(String kind, int width, int height) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR), kind, bytes);
        return bytes.toByteArray();
    }
}
