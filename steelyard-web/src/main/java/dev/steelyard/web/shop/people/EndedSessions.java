package dev.steelyard.web.shop.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Set;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Looks up what whoever is signed in may now; ends sessions of people who were taken away, or whose password is another. */
final class EndedSessions extends OncePerRequestFilter {

    /** Under which the rest of the request finds what its person may. */
    static final String RIGHTS = "steelyard.rights";

    private final People people;

    EndedSessions(People people) {
        this.people = people;
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
            Set<Right> rights = people.rights(member);
            if (rights.isEmpty()) {
                end(request);
            } else {
                request.setAttribute(RIGHTS, rights);
            }
        }
        chain.doFilter(request, response);
    }

    private static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
