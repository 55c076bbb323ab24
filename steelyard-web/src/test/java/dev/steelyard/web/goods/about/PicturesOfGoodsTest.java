package dev.steelyard.web.goods.about;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Pictures of goods: sent, in order, re-encoded, bounded, shown. */
@ExtendWith(WithApp.class)
class PicturesOfGoodsTest {

    private static final String BRUSH = "/goods/13";

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
        app.sql().sql("delete from product_picture where product_id = 13").update();
        app.sql().sql("update product set picture = null where id = 13").update();
    }

    private static byte[] picture(int width, int height, Color color, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(color);
        graphics.fillRect(0, 0, width, height);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private Answer send(String name, byte[] file) {
        return owner.upload(BRUSH + "/pictures", name, file);
    }

    private List<String> shown() {
        return app.sql()
                .sql("select fingerprint from product_picture where product_id = 13 order by position")
                .query(String.class)
                .list();
    }

    @Test
    void severalStandInTheirOrderAndTheFirstInLists() throws IOException {
        send("red.png", picture(40, 30, Color.RED, "png"));
        send("blue.jpg", picture(2_000, 1_000, Color.BLUE, "jpeg"));
        List<String> two = shown();
        assertThat(two).hasSize(2);
        assertThat(owner.get("/counter").body()).contains("/pictures/goods/" + two.get(0) + "/small");

        owner.post(BRUSH + "/pictures/" + two.get(1), "do", "earlier");
        assertThat(shown()).containsExactly(two.get(1), two.get(0));
        assertThat(owner.get("/goods").body()).contains("/pictures/goods/" + two.get(1) + "/small");

        owner.post(BRUSH + "/pictures/" + two.get(1), "do", "words", "words", "The brush <wet>");
        Answer product = owner.get("/counter/goods/BRU-1");
        assertThat(product.body())
                .contains("alt=\"The brush &lt;wet&gt;\"")
                .contains("/pictures/goods/" + two.get(1) + "/large");
        assertThat(owner.get("/counter/goods/BRU-1?photo=2").body())
                .contains("id=\"photo\" src=\"/pictures/goods/" + two.get(0) + "/large\"");

        owner.post(BRUSH + "/pictures/" + two.get(1), "do", "off");
        assertThat(shown()).containsExactly(two.get(0));
        assertThat(owner.get("/history?subject=GOODS").text()).contains("Deck brush");
    }

    @Test
    void theyAreEncodedAnewInTwoSizesAndKeptForEver() throws IOException {
        send("blue.jpg", picture(2_000, 1_000, Color.BLUE, "jpeg"));
        String address = "/pictures/goods/" + shown().get(0);

        BufferedImage large = ImageIO.read(new ByteArrayInputStream(owner.bytes(address + "/large")));
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(owner.bytes(address + "/small")));
        assertThat(List.of(large.getWidth(), large.getHeight())).containsExactly(1_200, 600);
        assertThat(List.of(small.getWidth(), small.getHeight())).containsExactly(320, 160);
        assertThat(owner.get(address + "/large").response().headers().firstValue("Cache-Control"))
                .hasValueSatisfying(said -> assertThat(said).contains("max-age=31536000", "immutable"));
        assertThat(new Http(app.url()).get(address + "/small").status())
                .as("shoppers are not signed in")
                .isEqualTo(200);
        assertThat(owner.get("/pictures/goods/" + "0".repeat(64) + "/large").status())
                .isEqualTo(404);
    }

    /** A camera that was held upright says so beside the pixels. */
    @Test
    void aPictureIsTurnedAsTheCameraWasHeld() throws IOException {
        byte[] jpeg = picture(600, 400, Color.GREEN, "jpeg");
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream turned = new ByteArrayOutputStream();
        turned.write(jpeg, 0, 2);
        turned.writeBytes(exif);
        turned.write(jpeg, 2, jpeg.length - 2);

        send("upright.jpg", turned.toByteArray());
        BufferedImage large =
                ImageIO.read(new ByteArrayInputStream(owner.bytes("/pictures/goods/" + shown().get(0) + "/large")));
        assertThat(List.of(large.getWidth(), large.getHeight())).containsExactly(400, 600);
    }

    @Test
    void whatIsNoPictureIsRefusedInWordsWhateverItSaysItIs() throws IOException {
        Answer lie = send("rope.png", "<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8));
        assertThat(lie.status()).isEqualTo(422);
        assertThat(lie.text()).contains("rope.png: This file is no picture that can be read");
        assertThat(send("none.png", new byte[0]).text()).contains("Choose a picture first");
        assertThat(send("wide.png", picture(7_000, 10, Color.RED, "png")).text())
                .contains("a side may have up to 6000");
        assertThat(shown()).isEmpty();
    }

    @Test
    void oneProductHasAtMostTwelve() throws IOException {
        for (int i = 0; i < 13; i++) {
            Answer last = send("p" + i + ".png", picture(20 + i, 20, Color.RED, "png"));
            assertThat(last.text().contains("at most 12 pictures")).isEqualTo(i == 12);
        }
        assertThat(shown()).hasSize(12);
    }
}
