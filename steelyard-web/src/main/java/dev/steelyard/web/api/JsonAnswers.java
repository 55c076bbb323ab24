package dev.steelyard.web.api;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers in JSON say how long they are: they go out in one piece, and a short one is not weighed up for compression, which takes
 * longer than most prices.
 */
final class JsonAnswers extends JacksonJsonHttpMessageConverter {

    private static final int USUAL_BYTES = 1_024;

    private JsonAnswers(JsonMapper mapper) {
        super(mapper);
    }

    /** In the place of the usual one: a text that is JSON already stays as it is. */
    @Component
    static class Setting implements WebMvcConfigurer {

        private final JsonMapper mapper;

        Setting(JsonMapper mapper) {
            this.mapper = mapper;
        }

        @Override
        public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
            converters.withJsonConverter(new JsonAnswers(mapper));
        }
    }

    @Override
    protected void writeInternal(
            Object answer, ResolvableType type, HttpOutputMessage to, @Nullable Map<String, Object> hints)
            throws IOException {
        ByteArrayOutputStream written = new ByteArrayOutputStream(USUAL_BYTES);
        super.writeInternal(answer, type, new Kept(to.getHeaders(), written), hints);
        to.getHeaders().setContentLength(written.size());
        written.writeTo(to.getBody());
    }

    private record Kept(HttpHeaders headers, OutputStream body) implements HttpOutputMessage {

        @Override
        public OutputStream getBody() {
            return body;
        }

        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }
    }
}
