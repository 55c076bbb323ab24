package dev.steelyard.web.testing;

import com.microsoft.playwright.BrowserContext;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * Hands tests the running application, a fresh browser or a fresh HTTP client as parameters, and every test a fresh demo
 * shop. JUnit closes a browser's window at the end of its test, and what was started at the end of the run.
 */
public final class WithApp implements ParameterResolver, BeforeEachCallback {

    private static final Namespace OURS = Namespace.create(WithApp.class);

    @Override
    public void beforeEach(ExtensionContext test) {
        app(test).reset();
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type == App.class || type == BrowserContext.class || type == Http.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        if (type == BrowserContext.class) {
            BrowserContext context = browser(test).fresh(app(test).url());
            test.getStore(OURS).put(context, context);
            return context;
        }
        return type == Http.class ? new Http(app(test).url()) : app(test);
    }

    private static App app(ExtensionContext test) {
        return test.getRoot().getStore(OURS).getOrComputeIfAbsent(App.class, any -> App.start(), App.class);
    }

    private static Chromium browser(ExtensionContext test) {
        return test.getRoot()
                .getStore(OURS)
                .getOrComputeIfAbsent(Chromium.class, any -> Chromium.start(), Chromium.class);
    }
}
