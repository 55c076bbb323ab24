package dev.steelyard.web.base.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Styles, scripts, fonts and drawings that ship with the application: looked up and compressed once, and from then on answered
 * before anything is looked at that a file has no use for. The first answer comes the usual way; there are no more of them than
 * files, since a name says what is in it.
 */
final class KeptFiles extends HttpFilter {

    private static final long serialVersionUID = 1L;
    private static final List<String> PLACES = List.of("/assets/", "/webjars/");
    private static final int LARGEST = 4_000_000;

    private final transient OurHosts hosts;
    private final transient Map<String, KeptFile> files = new ConcurrentHashMap<>();

    private KeptFiles(OurHosts hosts) {
        this.hosts = hosts;
    }

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        String path = request.getServletPath();
        if (PLACES.stream().noneMatch(path::startsWith)
                || !request.getMethod().equals("GET")
                || request.getHeader(HttpHeaders.RANGE) != null
                || !hosts.isPlain(request)) {
            chain.doFilter(request, response);
            return;
        }
        KeptFile kept = files.get(path);
        if (kept == null) {
            keep(path, request, response, chain);
        } else {
            kept.answer(request, response);
        }
    }

    private void keep(String path, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, answer);
        if (answer.getStatus() == HttpServletResponse.SC_OK && answer.getContentSize() <= LARGEST) {
            KeptFile kept = KeptFile.of(answer);
            files.put(path, kept);
            // as it will be answered from now on
            response.reset();
            kept.answer(request, response);
        } else {
            answer.copyBodyToResponse();
        }
    }

    @Configuration(proxyBeanMethods = false)
    static class Setting {

        @Bean
        FilterRegistrationBean<KeptFiles> keptFiles(OurHosts hosts) {
            return BehindTheGate.put(new KeptFiles(hosts));
        }
    }
}
