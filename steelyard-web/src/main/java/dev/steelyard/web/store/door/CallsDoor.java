package dev.steelyard.web.store.door;

import dev.steelyard.web.base.page.BehindTheGate;
import dev.steelyard.web.base.page.OurHosts;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.DispatcherServlet;

/**
 * Calls of the owner's own store go straight to what answers them: the filters behind this one look for sessions, forms and
 * addresses of files, which a call has none of, and take longer than its price. Only addresses that are written plainly go this
 * way; one with a “..”, a “;” or an escape in it goes the way of pages, where the firewall looks at it.
 */
final class CallsDoor extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final String CALLS = "/api/v1/";

    /** Anybody may send these, signed in or not, so they need to know who it is. */
    private static final String TRIALS = "/api/v1/trials";

    private final transient ObjectProvider<StraightCalls> straight;
    private final transient ObjectProvider<DispatcherServlet> servlet;
    private final transient OurHosts hosts;

    /** Looked up at the first call: the server makes its filters before there are any, and each look costs. */
    private transient volatile @Nullable Answers answers;

    private CallsDoor(
            ObjectProvider<StraightCalls> straight, ObjectProvider<DispatcherServlet> servlet, OurHosts hosts) {
        this.straight = straight;
        this.servlet = servlet;
        this.hosts = hosts;
    }

    private record Answers(StraightCalls straight, DispatcherServlet all) {}

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        String path = request.getServletPath();
        if (path.startsWith(CALLS) && !path.equals(TRIALS) && hosts.isPlain(request)) {
            Answers found = answers;
            if (found == null) {
                found = new Answers(straight.getObject(), servlet.getObject());
                answers = found;
            }
            if (!found.straight().answer(request, response)) {
                found.all().service(request, response);
            }
        } else {
            chain.doFilter(request, response);
        }
    }

    @Configuration(proxyBeanMethods = false)
    static class Setting {

        @Bean
        FilterRegistrationBean<CallsDoor> callsDoor(
                ObjectProvider<StraightCalls> straight, ObjectProvider<DispatcherServlet> servlet, OurHosts hosts) {
            return BehindTheGate.put(new CallsDoor(straight, servlet, hosts), DispatcherType.ASYNC);
        }
    }
}
