package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.BehindTheGate;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Where {@link KeptCounter} is asked first. */
final class KeptCounterDoor extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final Set<String> PAGES = Set.of("/counter", "/counter/price");
    private static final String GOODS = "/counter/goods/";

    private final transient ObjectProvider<KeptCounter> provider;

    /** Looked up at the first page: the server makes its filters before the database can be asked, and each look costs. */
    private transient volatile @Nullable KeptCounter kept;

    private KeptCounterDoor(ObjectProvider<KeptCounter> provider) {
        this.provider = provider;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        String path = request.getServletPath();
        if (!request.getMethod().equals("GET") || !PAGES.contains(path) && !path.startsWith(GOODS)) {
            chain.doFilter(request, response);
            return;
        }
        KeptCounter found = kept;
        if (found == null) {
            found = provider.getObject();
            kept = found;
        }
        found.answer(request, response, chain);
    }

    @Configuration(proxyBeanMethods = false)
    static class Setting {

        @Bean
        FilterRegistrationBean<KeptCounterDoor> keptCounterDoor(ObjectProvider<KeptCounter> provider) {
            return BehindTheGate.put(new KeptCounterDoor(provider));
        }
    }
}
