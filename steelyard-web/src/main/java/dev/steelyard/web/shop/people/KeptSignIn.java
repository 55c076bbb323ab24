package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.BehindTheGate;
import dev.steelyard.web.base.page.KeptPage;
import dev.steelyard.web.base.page.OurHosts;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;

/**
 * The sign-in page for who comes for the first time: the one page of the owners that any stranger can ask for as often as he
 * likes. It is made the usual way once, and from then on answered with a token of its own and nothing else to work out. Whoever
 * brings a cookie, or was sent here with something to be told, goes the usual way.
 */
final class KeptSignIn extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final String PAGE = "/sign-in";

    private final transient OurHosts hosts;
    private final transient PageTokens tokens = new PageTokens();

    /** By whether it was asked for over TLS: then its headers say more. */
    private final transient Map<Boolean, KeptPage> pages = new ConcurrentHashMap<>();

    private KeptSignIn(OurHosts hosts) {
        this.hosts = hosts;
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
            PageTokens.made(request, response, chain).ifPresent(page -> pages.put(request.isSecure(), page));
        } else {
            kept.answer(request, response, tokens.next(request, response));
        }
    }

    @Configuration(proxyBeanMethods = false)
    static class Setting {

        @Bean
        FilterRegistrationBean<KeptSignIn> keptSignIn(OurHosts hosts) {
            return BehindTheGate.put(new KeptSignIn(hosts));
        }
    }
}
