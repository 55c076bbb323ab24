package dev.steelyard.web.shop.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Objects;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Looks up what whoever is signed in may now; ends sessions of people who were taken away, or whose password is another. */
final class EndedSessions extends OncePerRequestFilter {

    /** Under which the rest of the request finds what its person may. */
    static final String RIGHTS = "steelyard.rights";

    static final String SESSION = "steelyard.session";
    private static final String SEEN = "steelyard.seen";
    private static final long EVERY_MILLIS = 60_000;

    private final Sessions sessions;

    EndedSessions(Sessions sessions) {
        this.sessions = sessions;
    }

    /** What everybody is given asks nothing of the database. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getServletPath().startsWith("/assets/")
                || request.getServletPath().startsWith("/webjars/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof StaffMember member) {
            long session = session(request, member);
            Set<Right> rights = sessions.rights(member, session);
            if (rights.isEmpty()) {
                end(request);
            } else {
                request.setAttribute(RIGHTS, rights);
            }
        }
        chain.doFilter(request, response);
    }

    /** The session of this browser, begun by its first request. */
    private long session(HttpServletRequest request, StaffMember member) {
        HttpSession kept = request.getSession();
        Long session = (Long) kept.getAttribute(SESSION);
        if (session == null) {
            String browser = Objects.requireNonNullElse(request.getHeader(HttpHeaders.USER_AGENT), "");
            session = sessions.begin(member, request.getRemoteAddr(), browser);
            kept.setAttribute(SESSION, session);
            kept.setAttribute(SEEN, kept.getLastAccessedTime());
        } else if (kept.getAttribute(SEEN) instanceof Long seen && kept.getLastAccessedTime() - seen > EVERY_MILLIS) {
            sessions.seen(session);
            kept.setAttribute(SEEN, kept.getLastAccessedTime());
        }
        return session;
    }

    private static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
