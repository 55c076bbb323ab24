package dev.steelyard.web.shop.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends sessions of people who were taken away, or whose password is another by now. */
final class EndedSessions extends OncePerRequestFilter {

    private final People people;

    EndedSessions(People people) {
        this.people = people;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null
                && who.getPrincipal() instanceof StaffMember member
                && people.rights(member).isEmpty()) {
            HttpSession session = request.getSession(false);
            if (session != null) {
                session.invalidate();
            }
            SecurityContextHolder.clearContext();
        }
        chain.doFilter(request, response);
    }
}
