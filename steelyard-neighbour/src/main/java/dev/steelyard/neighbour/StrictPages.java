package dev.steelyard.neighbour;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** What browsers are told to refuse: everything but this store and Steelyard. */
@Component
class StrictPages extends OncePerRequestFilter {

    private final String policy;

    StrictPages(NeighbourSettings settings) {
        String there = settings.steelyard();
        this.policy = "default-src 'none'; script-src 'self' " + there + "; connect-src " + there + "; img-src 'self' "
                + there + "; style-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", policy);
        response.setHeader("X-Content-Type-Options", "nosniff");
        chain.doFilter(request, response);
    }
}
