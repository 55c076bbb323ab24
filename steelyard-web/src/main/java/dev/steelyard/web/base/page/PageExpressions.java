package dev.steelyard.web.base.page;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.expression.EvaluationContext;
import org.springframework.expression.Expression;
import org.springframework.expression.ExpressionException;
import org.springframework.expression.spel.SpelCompilerMode;
import org.springframework.expression.spel.SpelNode;
import org.springframework.expression.spel.SpelParserConfiguration;
import org.springframework.expression.spel.ast.OpAnd;
import org.springframework.expression.spel.ast.OpEQ;
import org.springframework.expression.spel.ast.OpNE;
import org.springframework.expression.spel.ast.OpOr;
import org.springframework.expression.spel.ast.Operator;
import org.springframework.expression.spel.standard.SpelExpression;
import org.springframework.expression.spel.standard.SpelExpressionParser;
import org.springframework.expression.spel.support.DataBindingPropertyAccessor;
import org.springframework.expression.spel.support.MapAccessor;
import org.springframework.expression.spel.support.SimpleEvaluationContext;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.spring6.expression.SPELVariableExpressionEvaluator;
import org.thymeleaf.standard.expression.IStandardVariableExpression;
import org.thymeleaf.standard.expression.IStandardVariableExpressionEvaluator;
import org.thymeleaf.standard.expression.StandardExpressionExecutionContext;

/**
 * What pages ask between <code>${</code> and <code>}</code>, in Spring's language and by Spring's compiler. Thymeleaf's own way
 * guards each property by a class the compiler cannot see through, so nothing is ever compiled; here the guard is Spring's
 * context for data binding, which knows properties and methods of what a page is given, and no types, constructors or beans.
 * Expressions with {@code #}, on a selection, converted, or that ask for request parameters where those may not be used go
 * Thymeleaf's way.
 */
final class PageExpressions implements IStandardVariableExpressionEvaluator {

    private static final Set<Class<?>> WITHOUT_NUMBERS = Set.of(OpEQ.class, OpNE.class, OpAnd.class, OpOr.class);

    private final IStandardVariableExpressionEvaluator others = SPELVariableExpressionEvaluator.INSTANCE;
    private final Map<String, Expression> parsed = new ConcurrentHashMap<>();
    private final SpelExpressionParser read = parser(SpelCompilerMode.OFF);
    private final SpelExpressionParser compiled = parser(SpelCompilerMode.MIXED);
    private final EvaluationContext reading = SimpleEvaluationContext.forPropertyAccessors(
                    new MapAccessor(false), DataBindingPropertyAccessor.forReadOnlyAccess())
            .withInstanceMethods()
            .withAssignmentDisabled()
            .withCompilationSupported()
            .build();

    @Override
    public @Nullable Object evaluate(
            IExpressionContext page, IStandardVariableExpression asked, StandardExpressionExecutionContext how) {
        String text = asked.getExpression();
        if (text == null
                || asked.getUseSelectionAsRoot()
                || how.getPerformTypeConversion()
                || (how.getRestrictVariableAccess() && text.contains("param"))
                || text.indexOf('#') >= 0) {
            return others.evaluate(page, asked, how);
        }
        try {
            return parsed.computeIfAbsent(text, this::parse).getValue(reading, new GivenToPage(page));
        } catch (ExpressionException wrong) {
            throw new TemplateProcessingException("${" + text + "} cannot be read", wrong);
        }
    }

    private Expression parse(String text) {
        SpelExpression plain = read.parseRaw(text);
        return mayBeCompiled(plain.getAST()) ? compiled.parseRaw(text) : plain;
    }

    /**
     * Not what reckons or says which is more: compiled for a whole number, it would cut a later decimal down to one, and say so to
     * nobody.
     */
    private static boolean mayBeCompiled(SpelNode node) {
        if (node instanceof Operator && !WITHOUT_NUMBERS.contains(node.getClass())) {
            return false;
        }
        return IntStream.range(0, node.getChildCount()).allMatch(at -> mayBeCompiled(node.getChild(at)));
    }

    private static SpelExpressionParser parser(SpelCompilerMode mode) {
        return new SpelExpressionParser(new SpelParserConfiguration(mode, PageExpressions.class.getClassLoader()));
    }
}
