package dev.steelyard.web.store.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.stereotype.Component;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.CorsUtils;
import org.springframework.web.cors.DefaultCorsProcessor;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Pages elsewhere are told what they may read (CORS); programs, which are most who call, are no pages. */
@Component
class PagesElsewhere implements WebMvcRegistrations {

    @Override
    public RequestMappingHandlerMapping getRequestMappingHandlerMapping() {
        RequestMappingHandlerMapping mapping = new RequestMappingHandlerMapping();
        mapping.setCorsProcessor(new DefaultCorsProcessor() {
            @Override
            public boolean processRequest(
                    @Nullable CorsConfiguration allowed, HttpServletRequest request, HttpServletResponse response)
                    throws IOException {
                return !CorsUtils.isCorsRequest(request) || super.processRequest(allowed, request, response);
            }
        });
        return mapping;
    }
}
