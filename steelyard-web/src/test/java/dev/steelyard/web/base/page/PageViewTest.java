package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.base.page.PageView.OwnAttributes;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import jakarta.servlet.http.HttpServletRequest;
import java.lang.reflect.Proxy;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A page goes out in one piece, and what it keeps while it is made stays with it. */
@ExtendWith(WithApp.class)
class PageViewTest {

    /** A request of which only the attributes are there. */
    private static HttpServletRequest request(Map<String, Object> attributes) {
        return (HttpServletRequest) Proxy.newProxyInstance(
                PageViewTest.class.getClassLoader(),
                new Class<?>[] {HttpServletRequest.class},
                (proxy, method, arguments) -> switch (method.getName()) {
                    case "getAttribute" -> attributes.get(arguments[0]);
                    case "getAttributeNames" -> Collections.enumeration(attributes.keySet());
                    default -> throw new UnsupportedOperationException(method.getName());
                });
    }

    @Test
    void whatIsSetStaysWithThePage() {
        Map<String, Object> before = new HashMap<>(Map.of("token", "a", "page", "b"));
        OwnAttributes own = new OwnAttributes(request(before));
        own.setAttribute("line", 1);
        own.setAttribute("page", "c");
        own.removeAttribute("token");
        assertThat(own.getAttribute("line")).isEqualTo(1);
        assertThat(own.getAttribute("page")).isEqualTo("c");
        assertThat(own.getAttribute("token")).isNull();
        assertThat(own.getAttribute("none")).isNull();
        assertThat(Collections.list(own.getAttributeNames())).containsExactlyInAnyOrder("page", "line");
        assertThat(before).isEqualTo(Map.of("token", "a", "page", "b"));
    }

    @Test
    void aPageIsSentOnceItIsThere(App app) throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url() + "/sign-in?error"))
                                .build(),
                        BodyHandlers.ofString());
        assertThat(answer.body()).endsWith("</html>\n");
        // its length is only known to who has all of it
        assertThat(answer.headers().firstValueAsLong("Content-Length").orElse(-1))
                .isEqualTo(answer.body().getBytes(StandardCharsets.UTF_8).length);
    }
}
