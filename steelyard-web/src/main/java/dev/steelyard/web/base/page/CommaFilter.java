package dev.steelyard.web.base.page;

import dev.steelyard.core.number.WrittenNumber;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.model.IStandaloneElementTag;
import org.thymeleaf.model.IText;

/**
 * Writes the numbers of a page's text with a decimal comma, and those in fields for numbers: 1,018.50 as 1.018,50. What is
 * quoted as it was typed stays: formulas, code, errors, and whatever is marked {@code data-as-typed}. Days, times, addresses
 * and names such as SHK-8 have no number in this sense. The page itself
 * says {@code data-decimal}, for its scripts.
 */
public final class CommaFilter extends AbstractTemplateHandler {

    private static final Pattern NUMBER = Pattern.compile(
            "(?<![\\p{L}\\d.,/:_-])(\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?|\\d+\\.\\d+)(?![\\p{L}\\d]|[.,:/]\\d)");
    private static final Pattern PLAIN = Pattern.compile("[+-]?\\d+\\.\\d+");
    private static final Set<String> TYPED = Set.of("code", "pre", "textarea", "script", "style");
    private static final Set<String> TYPED_CLASSES = Set.of("fault", "field-error", "examples", "mono", "formula");

    private final boolean comma = TypedNumbers.isComma();
    private final boolean rewritten = TypedNumbers.isRewritten();
    private @Nullable ITemplateContext context;
    private @Nullable String kept;
    private int depth;

    @Override
    public void setContext(ITemplateContext templateContext) {
        super.setContext(templateContext);
        context = templateContext;
    }

    /** The numbers of a text with a decimal comma. */
    static String written(String text) {
        Matcher numbers = NUMBER.matcher(text);
        return numbers.replaceAll(number -> swapped(number.group()));
    }

    private static String swapped(String number) {
        return number.replace('.', '\u0000').replace(',', '.').replace('\u0000', ',');
    }

    @Override
    public void handleOpenElement(IOpenElementTag tag) {
        if (comma) {
            String name = tag.getElementCompleteName().toLowerCase(Locale.ROOT);
            if (kept != null) {
                depth += name.equals(kept) ? 1 : 0;
            } else if (TYPED.contains(name) || isTyped(tag)) {
                kept = name;
                depth = 1;
            }
        }
        boolean isPage =
                comma && context != null && tag.getElementCompleteName().equalsIgnoreCase("html");
        super.handleOpenElement(isPage ? context.getModelFactory().setAttribute(tag, "data-decimal", ",") : tag);
    }

    private static boolean isTyped(IProcessableElementTag tag) {
        String classes = tag.getAttributeValue("class");
        if (tag.hasAttribute("data-as-typed")) {
            return true;
        }
        return classes != null && Arrays.stream(classes.split(" ")).anyMatch(TYPED_CLASSES::contains);
    }

    @Override
    public void handleCloseElement(ICloseElementTag tag) {
        if (kept != null
                && tag.getElementCompleteName().toLowerCase(Locale.ROOT).equals(kept)
                && --depth == 0) {
            kept = null;
        }
        super.handleCloseElement(tag);
    }

    @Override
    public void handleStandaloneElement(IStandaloneElementTag tag) {
        super.handleStandaloneElement(comma ? field(tag) : tag);
    }

    /** 1.000 that was refused since it can be two numbers stands as it was typed: written anew it would be one of them. */
    private static boolean isAsked(IProcessableElementTag tag, String value) {
        return "true".equals(tag.getAttributeValue("aria-invalid")) && WrittenNumber.isTwoWays(value);
    }

    private IStandaloneElementTag field(IStandaloneElementTag tag) {
        String value = tag.getAttributeValue("value");
        boolean isNumber =
                "decimal".equals(tag.getAttributeValue("inputmode")) && !"hidden".equals(tag.getAttributeValue("type"));
        return context != null
                        && isNumber
                        && value != null
                        && PLAIN.matcher(value).matches()
                        && !isAsked(tag, value)
                ? context.getModelFactory().setAttribute(tag, "value", value.replace('.', ','))
                : tag;
    }

    @Override
    public void handleText(IText text) {
        if (!rewritten || kept != null || context == null) {
            super.handleText(text);
            return;
        }
        String plain = text.getText();
        String written = written(plain);
        super.handleText(
                written.equals(plain) ? text : context.getModelFactory().createText(written));
    }
}
