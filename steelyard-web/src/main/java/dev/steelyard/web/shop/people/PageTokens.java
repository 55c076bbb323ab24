package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.KeptPage;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import java.util.Optional;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;
import org.springframework.web.util.ContentCachingResponseWrapper;

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

    /** Answers with a page that is made the usual way; the page, to be kept, where it came about. */
    public static Optional<KeptPage> made(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, answer);
        Optional<KeptPage> page = answer.getStatus() == HttpServletResponse.SC_OK
                ? Optional.of(KeptPage.of(answer, inPage(request)))
                : Optional.empty();
        answer.copyBodyToResponse();
        return page;
    }

    private static String inPage(HttpServletRequest request) {
        return ((CsrfToken) Objects.requireNonNull(request.getAttribute(CsrfToken.class.getName()))).getToken();
    }
}
