package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files are the same bytes with the same words about them at the first answer and at those that are kept. */
@ExtendWith(WithApp.class)
class KeptFilesTest {

    private final HttpClient client = HttpClient.newHttpClient();

    private HttpResponse<byte[]> get(App app, String path, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(app.url() + path));
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    /** A style that the sign-in page names. */
    private String style(App app) throws Exception {
        Matcher link = Pattern.compile("href=\"(/assets/[^\"]+\\.css)\"")
                .matcher(new String(get(app, "/sign-in").body()));
        assertThat(link.find()).isTrue();
        return link.group(1);
    }

    private static byte[] unpacked(byte[] body) throws IOException {
        return new GZIPInputStream(new ByteArrayInputStream(body)).readAllBytes();
    }

    @Test
    void theSameEachTimePackedOrNot(App app) throws Exception {
        String path = style(app);
        HttpResponse<byte[]> first = get(app, path);
        for (int i = 0; i < 2; i++) {
            HttpResponse<byte[]> plain = get(app, path);
            assertThat(plain.statusCode()).isEqualTo(200);
            assertThat(plain.body()).isEqualTo(first.body());
            assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
            HttpResponse<byte[]> packed = get(app, path, "Accept-Encoding", "br, gzip");
            assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
            assertThat(packed.headers().firstValue("Vary")).contains("Accept-Encoding");
            assertThat(unpacked(packed.body())).isEqualTo(first.body());
            assertThat(packed.body().length).isLessThan(first.body().length / 2);
            for (HttpResponse<byte[]> one : java.util.List.of(plain, packed)) {
                for (String header : new String[] {
                    "Content-Type", "Cache-Control", "Last-Modified", "Referrer-Policy", "X-Content-Type-Options"
                }) {
                    assertThat(one.headers().allValues(header))
                            .as(header)
                            .hasSize(1)
                            .isEqualTo(first.headers().allValues(header));
                }
                assertThat(one.headers().allValues("Set-Cookie")).isEmpty();
            }
        }
        assertThat(get(app, path, "Accept-Encoding", "gzip;q=0").headers().firstValue("Content-Encoding"))
                .isEmpty();
    }

    /** A drawing can be opened by itself, so it says what a page says; a style cannot. */
    @Test
    void onlyWhatIsShownByItselfSaysWhatMayBeLoadedFromIt(App app) throws Exception {
        Matcher icon = Pattern.compile("href=\"(/assets/[^\"]+\\.svg)\"")
                .matcher(new String(get(app, "/sign-in").body()));
        assertThat(icon.find()).isTrue();
        for (int i = 0; i < 2; i++) {
            assertThat(get(app, icon.group(1)).headers().allValues("Content-Security-Policy"))
                    .hasSize(1);
            assertThat(get(app, style(app)).headers().allValues("Content-Security-Policy"))
                    .isEmpty();
        }
    }

    @Test
    void whatABrowserHasIsNotSentAgain(App app) throws Exception {
        String path = style(app);
        String changed = get(app, path).headers().firstValue("Last-Modified").orElseThrow();
        get(app, path);
        HttpResponse<byte[]> again = get(app, path, "If-Modified-Since", changed);
        assertThat(again.statusCode()).isEqualTo(304);
        assertThat(again.body()).isEmpty();
        HttpResponse<byte[]> part = get(app, path, "Range", "bytes=0-9");
        assertThat(part.statusCode()).isEqualTo(206);
        assertThat(part.body()).hasSize(10);
    }

    /** What is no file, or asked by another name of the host, goes the way of pages; nothing of it is kept. */
    @ParameterizedTest
    @CsvSource({
        "/assets/none.css, 404",
        "/assets/%2e%2e/application.yaml, 400",
        "/assets//styles.css, 400",
        "/assets/;/styles.css, 400",
        "/webjars/none/none.js, 404"
    })
    void whatIsNoFileIsRefusedEachTime(String path, int status, App app) throws Exception {
        for (int i = 0; i < 2; i++) {
            assertThat(get(app, path).statusCode()).isEqualTo(status);
        }
    }
}
