package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;

/** The tokens of forms in pages that are answered from memory, where the filters that give them are not passed. */
public final class PageTokens {

    private final CookieCsrfTokenRepository tokens = SecuritySetting.csrfTokens();
    private final XorCsrfTokenRequestAttributeHandler masked = new XorCsrfTokenRequestAttributeHandler();

    /** The browser's own, or a new one, which the answer's cookie holds; as it is to stand in the page, another each time. */
    public String next(HttpServletRequest request, HttpServletResponse response) {
        CsrfToken kept = tokens.loadToken(request);
        CsrfToken token = kept == null ? tokens.generateToken(request) : kept;
        if (kept == null) {
            tokens.saveToken(token, request, response);
        }
        masked.handle(request, response, () -> token);
        return inPage(request);
    }

    /** As it stands in the page that was made for a request. */
    public static String inPage(HttpServletRequest request) {
        return ((CsrfToken) Objects.requireNonNull(request.getAttribute(CsrfToken.class.getName()))).getToken();
    }
}
