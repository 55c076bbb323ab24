package dev.steelyard.web.store.door;

import java.util.ArrayList;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.accept.ContentNegotiationStrategy;
import org.springframework.web.accept.HeaderContentNegotiationStrategy;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Calls are answered in what they are answered in, also where something else was wished for, as RFC 9110, section 12.5.1, leaves to
 * a server; of what a call has several of, the wish picks.
 */
@Component
class WhateverIsWished implements WebMvcConfigurer {

    private static final String CALLS = "/api/";

    private static final ContentNegotiationStrategy HEADER = new HeaderContentNegotiationStrategy();

    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer configurer) {
        configurer.strategies(List.of(WhateverIsWished::types));
    }

    private static List<MediaType> types(NativeWebRequest request) throws HttpMediaTypeNotAcceptableException {
        if (!request.getDescription(false).startsWith("uri=" + CALLS)) {
            return HEADER.resolveMediaTypes(request);
        }
        try {
            List<MediaType> wished = new ArrayList<>(HEADER.resolveMediaTypes(request));
            wished.add(MediaType.ALL);
            return wished;
        } catch (HttpMediaTypeNotAcceptableException unreadable) {
            return List.of(MediaType.ALL); // as if nothing was wished for
        }
    }
}
