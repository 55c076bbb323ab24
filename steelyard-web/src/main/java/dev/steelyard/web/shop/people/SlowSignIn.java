package dev.steelyard.web.shop.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns tries to sign in away that come too soon after wrong ones, before a password is looked at. Names are taken as they
 * are typed: one with a space around it is another name.
 */
final class SlowSignIn extends OncePerRequestFilter {

    static final String NAME = "username";
    private static final char HARD_SPACE = '\u00a0';

    private final SignInLimit limit;
    private final SignIns signIns;

    SlowSignIn(SignInLimit limit, SignIns signIns) {
        this.limit = limit;
        this.signIns = signIns;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST") || !request.getServletPath().equals("/sign-in");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = Objects.requireNonNullElse(request.getParameter(NAME), "");
        Duration pause = limit.pause(asTyped(name), request.getRemoteAddr());
        if (pause.isZero()) {
            chain.doFilter(new AsTyped(request), response);
            return;
        }
        signIns.slowed(name, request.getRemoteAddr());
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(pause.toSeconds() + 1));
        response.sendRedirect("/sign-in?wait=" + (pause.toSeconds() + 1));
    }

    /** Outer spaces would be cut off further on, and the name taken for another. */
    static String asTyped(String name) {
        return name.equals(name.trim()) ? name : name.replace(' ', HARD_SPACE);
    }

    private static final class AsTyped extends HttpServletRequestWrapper {

        AsTyped(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getParameter(String name) {
            String value = super.getParameter(name);
            return name.equals(NAME) && value != null ? asTyped(value) : value;
        }
    }
}
