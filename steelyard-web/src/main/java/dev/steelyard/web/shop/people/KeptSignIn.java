package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.KeptPage;
import dev.steelyard.web.base.page.OurHosts;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.HttpHeaders;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * The sign-in page for who comes for the first time: the one page of the owners that any stranger can ask for as often as he
 * likes. It is made the usual way once, and from then on answered with a token of its own and nothing else to work out. Whoever
 * brings a cookie, or was sent here with something to be told, goes the usual way.
 */
final class KeptSignIn extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final String PAGE = "/sign-in";

    private final transient OurHosts hosts;
    private final transient CsrfTokenRepository tokens;
    private final transient XorCsrfTokenRequestAttributeHandler masked = new XorCsrfTokenRequestAttributeHandler();

    /** By whether it was asked for over TLS: then its headers say more. */
    private final transient Map<Boolean, KeptPage> pages = new ConcurrentHashMap<>();

    private KeptSignIn(OurHosts hosts, CsrfTokenRepository tokens) {
        this.hosts = hosts;
        this.tokens = tokens;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        if (!request.getServletPath().equals(PAGE)
                || !request.getMethod().equals("GET")
                || request.getQueryString() != null
                || request.getHeader(HttpHeaders.COOKIE) != null
                || !hosts.isPlain(request)) {
            chain.doFilter(request, response);
            return;
        }
        KeptPage kept = pages.get(request.isSecure());
        if (kept == null) {
            keep(request, response, chain);
        } else {
            kept.answer(request, response, token(request, response));
        }
    }

    /** A new one, which the answer's cookie holds; as it stands in the page. */
    private String token(HttpServletRequest request, HttpServletResponse response) {
        CsrfToken made = tokens.generateToken(request);
        tokens.saveToken(made, request, response);
        masked.handle(request, response, () -> made);
        return inPage(request);
    }

    private static String inPage(HttpServletRequest request) {
        return ((CsrfToken) request.getAttribute(CsrfToken.class.getName())).getToken();
    }

    private void keep(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, answer);
        if (answer.getStatus() == HttpServletResponse.SC_OK) {
            pages.put(request.isSecure(), KeptPage.of(answer, inPage(request)));
        }
        answer.copyBodyToResponse();
    }

    /** Puts it behind the gate of a shop that has not begun. */
    @Configuration(proxyBeanMethods = false)
    static class Setting {

        private static final int BEHIND_THE_GATE = Ordered.HIGHEST_PRECEDENCE + 1;

        @Bean
        FilterRegistrationBean<KeptSignIn> keptSignIn(OurHosts hosts) {
            var registration = new FilterRegistrationBean<>(new KeptSignIn(hosts, SecuritySetting.csrfTokens()));
            registration.setOrder(BEHIND_THE_GATE);
            registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST));
            return registration;
        }
    }
}
