package dev.steelyard.web.api;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses trials while too many wait: before anything else looks at them, and after a pause in which no thread is held.
 * Whoever sends the next one as soon as the last was refused would otherwise cost more than what is computed.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BusyTrials extends OncePerRequestFilter implements DisposableBean {

    private static final String TRIALS = "/api/v1/trials";
    private static final long PAUSE_MILLIS = 1_000;

    /** As many as are kept waiting; others are told at once. */
    private static final int MOST_KEPT = 500;

    private final TrialPool pool;
    private final AtomicInteger kept = new AtomicInteger();
    private final ScheduledExecutorService later = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "busy-trials");
        thread.setDaemon(true);
        return thread;
    });

    BusyTrials(TrialPool pool) {
        this.pool = pool;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().equals(TRIALS) || !request.getMethod().equals("POST");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            pool.room();
        } catch (ProblemFound busy) {
            if (kept.get() >= MOST_KEPT) {
                ApiErrors.write(busy, response);
                return;
            }
            AsyncContext answer = request.startAsync(request, response);
            answer.setTimeout(0);
            kept.incrementAndGet();
            later.schedule(() -> refuse(busy, response, answer), PAUSE_MILLIS, TimeUnit.MILLISECONDS);
            return;
        }
        chain.doFilter(request, response);
    }

    private void refuse(ProblemFound busy, HttpServletResponse response, AsyncContext answer) {
        kept.decrementAndGet();
        try {
            ApiErrors.write(busy, response);
        } finally {
            answer.complete();
        }
    }

    @Override
    public void destroy() {
        later.shutdownNow();
    }
}
