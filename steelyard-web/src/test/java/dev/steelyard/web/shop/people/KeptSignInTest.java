package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The sign-in page is the same each time it is asked for, but for a token that is new and good for one cookie. */
@ExtendWith(WithApp.class)
class KeptSignInTest {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newHttpClient();

    private HttpResponse<byte[]> get(App app, String path, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(app.url() + path));
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        return client.send(request.build(), BodyHandlers.ofByteArray());
    }

    private static String text(HttpResponse<byte[]> answer) throws Exception {
        boolean packed = answer.headers().firstValue("Content-Encoding").isPresent();
        byte[] body =
                packed ? new GZIPInputStream(new ByteArrayInputStream(answer.body())).readAllBytes() : answer.body();
        return new String(body, StandardCharsets.UTF_8);
    }

    private static String token(String page) {
        Matcher token = TOKEN.matcher(page);
        assertThat(token.find()).as(page).isTrue();
        return token.group(1);
    }

    private static String cookie(HttpResponse<byte[]> answer) {
        List<String> set = answer.headers().allValues("Set-Cookie");
        assertThat(set).hasSize(1);
        assertThat(set.get(0)).startsWith("XSRF-TOKEN=").contains("HttpOnly").contains("SameSite=Strict");
        return set.get(0).replaceAll(";.*", "");
    }

    private int signIn(App app, String cookie, String token) throws Exception {
        String body = "username=maren&password=saltmarsh&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8);
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.url() + "/sign-in"))
                .header("Cookie", cookie)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.discarding()).statusCode();
    }

    @Test
    void eachHasATokenOfItsOwnThatSignsIn(App app) throws Exception {
        Set<String> tokens = new HashSet<>();
        List<String> pages = new ArrayList<>();
        List<HttpResponse<byte[]>> answers = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            HttpResponse<byte[]> answer =
                    i % 2 == 0 ? get(app, "/sign-in") : get(app, "/sign-in", "Accept-Encoding", "gzip");
            String page = text(answer);
            tokens.add(token(page));
            pages.add(page.replace(token(page), "TOKEN"));
            answers.add(answer);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
                    .contains("frame-ancestors 'none'");
            assertThat(answer.headers().allValues("Cache-Control"))
                    .hasSize(1)
                    .allMatch(told -> told.contains("no-store"));
            assertThat(answer.headers().firstValue("Content-Type")).contains("text/html;charset=UTF-8");
        }
        assertThat(tokens).hasSize(4);
        assertThat(Set.copyOf(pages)).hasSize(1);
        assertThat(pages.get(0))
                .contains("<label for=\"password\">Password</label>")
                .endsWith("</html>\n");
        String last = token(text(answers.get(3)));
        assertThat(signIn(app, cookie(answers.get(2)), last))
                .as("another page's token")
                .isEqualTo(403);
        assertThat(signIn(app, cookie(answers.get(3)), last)).isEqualTo(302);
    }

    @Test
    void whoIsToldSomethingOrHasATokenGoesTheUsualWay(App app) throws Exception {
        String cookie = cookie(get(app, "/sign-in"));
        HttpResponse<byte[]> again = get(app, "/sign-in", "Cookie", cookie);
        assertThat(again.headers().allValues("Set-Cookie")).isEmpty();
        assertThat(signIn(app, cookie, token(text(again)))).isEqualTo(302);
        assertThat(text(get(app, "/sign-in?error"))).contains("do not go together");
        assertThat(text(get(app, "/sign-in"))).doesNotContain("do not go together");
        assertThat(get(app, "/sign-in;a=b").statusCode()).isEqualTo(400);
    }
}
