package dev.steelyard.web.base.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Each request has an id, which stands in every line that is logged for it, so that what somebody saw is found there. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public final class RequestIds extends HttpFilter {

    /** Under which an answer says it. */
    public static final String HEADER = "X-Request-Id";

    private static final long serialVersionUID = 1L;
    private static final String LOGGED = "request";
    private static final int BASE = 36;

    /** Begins anywhere, so that two nodes do not give the same ones. */
    private final AtomicLong next = new AtomicLong(new SecureRandom().nextLong() >>> 8);

    RequestIds() {}

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        // stays until this thread's next request: the server logs what was thrown once the filters are done
        MDC.put(LOGGED, Long.toString(next.getAndIncrement(), BASE));
        chain.doFilter(request, response);
    }

    /** That of the request this thread serves; none where it serves none. */
    public static @Nullable String now() {
        return MDC.get(LOGGED);
    }
}
