package dev.steelyard.web.start.begin;

import dev.steelyard.web.shop.Shops;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** While nobody has said what shop it is, only the pages that ask it answer; once somebody has, those do no more. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BeginGate extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final List<String> OPEN = List.of("/assets/", "/webjars/", "/actuator/");
    private static final String BEGIN = "/begin";

    // the server makes its filters before the database can be asked
    private final transient ObjectProvider<Shops> shops;
    private volatile boolean begun;

    BeginGate(ObjectProvider<Shops> shops) {
        this.shops = shops;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!begun) {
            begun = shops.getObject().begun();
        }
        String path = request.getServletPath();
        if (begun && !path.startsWith(BEGIN)) {
            chain.doFilter(request, response);
            return;
        }
        boolean beginning = path.equals(BEGIN) || path.startsWith(BEGIN + "/");
        if (begun && beginning) {
            response.sendRedirect("/");
        } else if (begun || beginning || OPEN.stream().anyMatch(path::startsWith)) {
            chain.doFilter(request, response);
        } else if (accepts(request)) {
            response.sendRedirect(BEGIN);
        } else {
            response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
            response.setContentType(MediaType.TEXT_PLAIN_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getWriter()
                    .print(
                            "This shop has not been set up yet: open the address that was printed where Steelyard was started.");
        }
    }

    private static boolean accepts(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        return request.getMethod().equals("GET") && accept != null && accept.contains(MediaType.TEXT_HTML_VALUE);
    }
}
