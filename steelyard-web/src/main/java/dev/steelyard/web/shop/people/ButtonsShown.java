package dev.steelyard.web.shop.people;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/** Takes what somebody may not press off every page, by the table that requests are held to. */
@Component
class ButtonsShown extends AbstractDialect implements IPostProcessorDialect {

    private static final int LAST = 10_000;

    ButtonsShown() {
        super("Buttons by right");
    }

    @Override
    public int getDialectPostProcessorPrecedence() {
        return LAST;
    }

    @Override
    public Set<IPostProcessor> getPostProcessors() {
        return Set.of(new PostProcessor(TemplateMode.HTML, ButtonsFilter.class, LAST));
    }
}
