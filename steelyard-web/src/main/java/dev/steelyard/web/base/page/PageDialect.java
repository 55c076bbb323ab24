package dev.steelyard.web.base.page;

import java.util.stream.Collectors;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.IDialect;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.dialect.SpringStandardDialect;
import org.thymeleaf.standard.expression.IStandardVariableExpressionEvaluator;

/** Gives pages their way of reading expressions, before the first page is made. */
@Component
class PageDialect implements BeanPostProcessor {

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (bean instanceof SpringTemplateEngine engine) {
            engine.setDialects(
                    engine.getDialects().stream().map(PageDialect::reading).collect(Collectors.toSet()));
        }
        return bean;
    }

    private static IDialect reading(IDialect dialect) {
        return dialect instanceof SpringStandardDialect ? new Standard() : dialect;
    }

    /** Thymeleaf's own dialect, but for what reads expressions, which cannot be set there. */
    private static final class Standard extends SpringStandardDialect {

        private final PageExpressions expressions = new PageExpressions();

        @Override
        public IStandardVariableExpressionEvaluator getVariableExpressionEvaluator() {
            return expressions;
        }
    }
}
