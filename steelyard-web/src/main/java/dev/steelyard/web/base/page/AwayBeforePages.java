package dev.steelyard.web.base.page;

import dev.steelyard.web.base.database.DatabaseAway;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.View;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * Says that the database is away where that is seen before or after any page is made: while who is signed in is looked up or
 * kept. Error pages cannot say it, since they are looked up the same way.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class AwayBeforePages extends OncePerRequestFilter {

    private static final Logger log = LoggerFactory.getLogger(AwayBeforePages.class);

    private final ObjectProvider<ThymeleafViewResolver> views;

    AwayBeforePages(ObjectProvider<ThymeleafViewResolver> views) {
        this.views = views;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failed) {
            if (response.isCommitted() || !DatabaseAway.isBehind(failed)) {
                throw failed;
            }
            log.warn("{} {} failed: the database is away", request.getMethod(), request.getRequestURI(), failed);
            say(request, response);
        }
    }

    private void say(HttpServletRequest request, HttpServletResponse response) throws ServletException, IOException {
        response.resetBuffer(); // what other filters said at the head of all pages stays
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, FailedPages.RETRY_AFTER_SECONDS);
        try {
            View page = Objects.requireNonNull(views.getObject().resolveViewName(FailedPages.AWAY, Locale.UK));
            page.render(Map.of(), request, response);
        } catch (IOException | ServletException | RuntimeException failed) {
            throw failed;
        } catch (Exception failed) {
            throw new ServletException(failed);
        }
    }
}
