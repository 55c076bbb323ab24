package dev.steelyard.web.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Counts who waits for a page, so that what strangers have priced can give way to them: threads have no ranks here. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class Shoppers extends OncePerRequestFilter {

    private static final long REST_NANOS = 3_000_000;

    /** So that a shop that is never quiet keeps nobody's trial for ever. */
    private static final long WORK_NANOS = 1_000_000;

    private final AtomicInteger waiting = new AtomicInteger();
    private volatile long rested;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        waiting.incrementAndGet();
        try {
            chain.doFilter(request, response);
        } finally {
            waiting.decrementAndGet();
        }
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return ApiErrors.isApi(request.getRequestURI());
    }

    /** Rests a moment where somebody waits, unless it has only just done so. */
    void giveWay() {
        if (waiting.get() > 0 && System.nanoTime() - rested > WORK_NANOS) {
            LockSupport.parkNanos(REST_NANOS);
            rested = System.nanoTime();
        }
    }
}
