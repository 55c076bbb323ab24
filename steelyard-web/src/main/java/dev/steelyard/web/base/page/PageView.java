package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.thymeleaf.spring6.view.ThymeleafView;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * A page, made at once and sent at once. Thymeleaf keeps its variables as attributes of the request, which go through the
 * wrappers of every filter each time; here they stay with the page. And it sends what it has before the answer is over, so that
 * each page would go out in two pieces.
 */
public class PageView extends ThymeleafView {

    @Override
    public void render(@Nullable Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        super.render(model, new OwnAttributes(request), new SentAtItsEnd(response));
    }

    /** What is set while a page is made; what is not, is looked up in the request. */
    static final class OwnAttributes extends HttpServletRequestWrapper {

        private final Map<String, @Nullable Object> own = new HashMap<>();

        OwnAttributes(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable Object getAttribute(String name) {
            Object found = own.get(name);
            return found != null || own.containsKey(name) ? found : super.getAttribute(name);
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            own.put(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            own.put(name, null);
        }

        @Override
        public Enumeration<String> getAttributeNames() {
            Set<String> names = new LinkedHashSet<>(Collections.list(super.getAttributeNames()));
            own.forEach((name, value) -> {
                if (value == null) {
                    names.remove(name);
                } else {
                    names.add(name);
                }
            });
            return Collections.enumeration(names);
        }
    }

    private static final class SentAtItsEnd extends HttpServletResponseWrapper {

        private SentAtItsEnd(HttpServletResponse response) {
            super(response);
        }

        @Override
        public PrintWriter getWriter() throws IOException {
            return new PrintWriter(super.getWriter()) {
                @Override
                public void flush() {
                    // the server sends what there is when the answer is over
                }
            };
        }
    }

    /** Makes pages of this kind of all templates. */
    @Component
    static class Setting implements BeanPostProcessor {

        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            if (bean instanceof ThymeleafViewResolver resolver) {
                resolver.setViewClass(PageView.class);
            }
            return bean;
        }
    }
}
