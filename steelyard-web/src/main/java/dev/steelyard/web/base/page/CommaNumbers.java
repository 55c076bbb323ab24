package dev.steelyard.web.base.page;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/** Shows numbers with a decimal comma on every page of a shop that writes them so. */
@Component
class CommaNumbers extends AbstractDialect implements IPostProcessorDialect {

    private static final int AFTER_BUTTONS = 20_000;

    CommaNumbers() {
        super("Numbers with a decimal comma");
    }

    @Override
    public int getDialectPostProcessorPrecedence() {
        return AFTER_BUTTONS;
    }

    @Override
    public Set<IPostProcessor> getPostProcessors() {
        return Set.of(new PostProcessor(TemplateMode.HTML, CommaFilter.class, AFTER_BUTTONS));
    }
}
