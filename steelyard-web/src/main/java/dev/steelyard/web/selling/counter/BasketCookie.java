package dev.steelyard.web.selling.counter;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/** The token by which a browser finds its basket again; made only once there is something to keep. */
@Component
public class BasketCookie {

    private static final String NAME = "basket";
    private static final Duration KEPT = Duration.ofDays(30);

    private final Baskets baskets;

    BasketCookie(Baskets baskets) {
        this.baskets = baskets;
    }

    /** The browser's token; none where it has none, or not one of ours. */
    public @Nullable String read(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, NAME);
        return cookie != null && cookie.getValue().matches("[0-9a-f-]{36}") ? cookie.getValue() : null;
    }

    /** The browser's token; a new one where it has none, or one that was made up: no basket of ours has it. */
    public String readOrMake(HttpServletRequest request, HttpServletResponse response) {
        String token = read(request);
        if (token == null || !baskets.knows(token)) {
            token = UUID.randomUUID().toString();
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(NAME, token)
                            .path("/counter")
                            .httpOnly(true)
                            .secure(request.isSecure())
                            .sameSite("Lax")
                            .maxAge(KEPT)
                            .build()
                            .toString());
        }
        return token;
    }
}
