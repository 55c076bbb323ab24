package dev.steelyard.web.store.door;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodReturnValueHandler;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import tools.jackson.databind.json.JsonMapper;

/** Writes what calls are told, in one piece. They are JSON whatever is asked for, so nothing is weighed up. */
@Component
class CallAnswerWriter implements HandlerMethodReturnValueHandler, WebMvcConfigurer {

    static {
        SpringDocUtils.getConfig().addResponseWrapperToIgnore(CallAnswer.class); // the document shows what is in it
    }

    private final JsonMapper mapper;

    CallAnswerWriter(JsonMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public void addReturnValueHandlers(List<HandlerMethodReturnValueHandler> handlers) {
        handlers.add(this);
    }

    /** Puts it before the usual ones: each of those looks at annotations of every answer before it leaves it to the next. */
    @EventListener
    void first(ContextRefreshedEvent started) {
        started.getApplicationContext()
                .getBeanProvider(RequestMappingHandlerAdapter.class)
                .forEach(adapter -> {
                    List<HandlerMethodReturnValueHandler> handlers =
                            new ArrayList<>(Objects.requireNonNull(adapter.getReturnValueHandlers()));
                    handlers.remove(this);
                    handlers.add(0, this);
                    adapter.setReturnValueHandlers(handlers);
                });
    }

    @Override
    public boolean supportsReturnType(MethodParameter type) {
        return type.getParameterType() == CallAnswer.class;
    }

    @Override
    public void handleReturnValue(
            @Nullable Object value, MethodParameter type, ModelAndViewContainer container, NativeWebRequest request)
            throws IOException {
        container.setRequestHandled(true);
        write(
                (CallAnswer<?>) Objects.requireNonNull(value),
                Objects.requireNonNull(request.getNativeResponse(HttpServletResponse.class)));
    }

    void write(CallAnswer<?> told, HttpServletResponse response) throws IOException {
        byte[] body = told.written() != null ? told.written() : mapper.writeValueAsBytes(told.body());
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        if (told.language() != null) {
            response.setHeader(HttpHeaders.CONTENT_LANGUAGE, told.language());
        }
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
