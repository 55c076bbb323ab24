package dev.steelyard.web.store.door;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.util.ReflectionUtils;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * The calls that stores make most: at one address each, of a request alone, answered by a {@link CallAnswer}. A program's goes from
 * the gate to its method and back; what the dispatcher does about it, to find its method and to bind and turn what it takes and
 * gives, takes longer than its price. Calls of pages go the dispatcher's way.
 */
@Component
class StraightCalls {

    private final KeyGate gate;
    private final CallAnswerWriter writer;
    private final List<HandlerExceptionResolver> faults;
    private final Map<String, Call> calls = new HashMap<>();

    StraightCalls(
            @Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping mapping,
            KeyGate gate,
            CallAnswerWriter writer,
            List<HandlerExceptionResolver> faults) {
        this.gate = gate;
        this.writer = writer;
        this.faults = List.copyOf(faults);
        mapping.getHandlerMethods().forEach(this::add);
    }

    private record Call(HandlerMethod handler, Method method, Object controller) {}

    private void add(RequestMappingInfo mapped, HandlerMethod handler) {
        Method method = handler.getMethod();
        if (method.getReturnType() != CallAnswer.class
                || !List.of(method.getParameterTypes()).equals(List.of(HttpServletRequest.class))) {
            return;
        }
        ReflectionUtils.makeAccessible(method);
        Call call = new Call(handler, method, handler.createWithResolvedBean().getBean());
        for (String path : mapped.getDirectPaths()) {
            for (RequestMethod verb : mapped.getMethodsCondition().getMethods()) {
                calls.put(verb.name() + path, call);
            }
        }
    }

    /** Which they are, as method and address. */
    List<String> all() {
        return calls.keySet().stream().sorted().toList();
    }

    /** @return whether it was one of them, and is answered */
    boolean answer(HttpServletRequest request, HttpServletResponse response) throws IOException, ServletException {
        Call call = calls.get(request.getMethod() + request.getServletPath());
        if (call == null || request.getHeader(HttpHeaders.ORIGIN) != null) {
            return false;
        }
        try {
            gate.preHandle(request, response, call.handler());
            writer.write(
                    (CallAnswer<?>) Objects.requireNonNull(call.method().invoke(call.controller(), request)), response);
        } catch (InvocationTargetException failed) {
            tell(failed.getCause() instanceof Exception cause ? cause : failed, call, request, response);
        } catch (RuntimeException | IOException | IllegalAccessException failed) {
            tell(failed, call, request, response);
        }
        return true;
    }

    private void tell(Exception failed, Call call, HttpServletRequest request, HttpServletResponse response)
            throws ServletException {
        for (HandlerExceptionResolver each : faults) {
            if (each.resolveException(request, response, call.handler(), failed) != null) {
                return;
            }
        }
        throw new ServletException(failed);
    }
}
