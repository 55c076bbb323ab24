package dev.steelyard.bench;

import com.ezylang.evalex.EvaluationException;
import com.ezylang.evalex.Expression;
import com.ezylang.evalex.config.ExpressionConfiguration;
import com.ezylang.evalex.parser.ParseException;
import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.run.Frame;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * An area formula with one IF and one MAX: prepared by us, written by hand in BigDecimal under decimal128, and in EvalEx
 * as it comes and with its quickest settings (16 digits, no trailing zeros stripped), its expression parsed once. All
 * take measurements in centimetres, as they are typed, and rates per metre; a formula without units divides by 100.
 */
@State(org.openjdk.jmh.annotations.Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class AreaFormulaBench {

    private static final String TEXT =
            "MAX(88.50 EUR; length * width * cloth) + 35 EUR + IF(length > 8 m; 2 * (length + width) * rope; 0 EUR)";
    private static final String EVALEX =
            "MAX(88.50, length / 100 * width / 100 * cloth) + 35 + IF(length > 800, 2 * (length + width) / 100 * rope, 0)";

    private static final BigDecimal SMALLEST = new BigDecimal("88.50");
    private static final BigDecimal CLOTH = new BigDecimal("21.40");
    private static final BigDecimal ROPE = new BigDecimal("2.35");
    private static final BigDecimal BASE = new BigDecimal("35");
    private static final BigDecimal LONG = new BigDecimal("8");
    private static final BigDecimal TWO = new BigDecimal("2");

    private static final BigDecimal HUNDREDTH = new BigDecimal("0.01");

    private final BigDecimal length = new BigDecimal("923");
    private final BigDecimal width = new BigDecimal("211");
    private Formula formula;
    private Frame frame;
    private int lengthSlot;
    private int widthSlot;
    private Expression expression;
    private Expression quickExpression;

    @Setup
    public void prepare() throws EvaluationException, ParseException {
        Scope scope = Scope.inCurrency("EUR")
                .measurement("length", Unit.CM)
                .measurement("width", Unit.CM)
                .rate("cloth", CLOTH, Dimension.MONEY.per(Dimension.AREA))
                .rate("rope", ROPE, Dimension.MONEY.per(Dimension.LENGTH))
                .build();
        lengthSlot = scope.find("length").orElseThrow().slot();
        widthSlot = scope.find("width").orElseThrow().slot();
        formula = Formula.prepare(TEXT, scope, Kind.MONEY).orThrow();
        frame = formula.frame();
        expression = new Expression(EVALEX);
        quickExpression = new Expression(
                EVALEX,
                ExpressionConfiguration.builder()
                        .mathContext(MathContext.DECIMAL64)
                        .stripTrailingZeros(false)
                        .build());
        if (prepared().compareTo(byHand()) != 0 || prepared().compareTo(evalEx()) != 0) {
            throw new IllegalStateException("the three disagree: " + prepared() + ", " + byHand() + ", " + evalEx());
        }
    }

    @Benchmark
    public BigDecimal prepared() {
        frame.set(lengthSlot, Unit.CM.toBase(length)).set(widthSlot, Unit.CM.toBase(width));
        return formula.number(frame);
    }

    @Benchmark
    public BigDecimal byHand() {
        BigDecimal l = length.multiply(HUNDREDTH, Decimals.EXACT);
        BigDecimal w = width.multiply(HUNDREDTH, Decimals.EXACT);
        BigDecimal area = l.multiply(w, Decimals.EXACT).multiply(CLOTH, Decimals.EXACT);
        BigDecimal edge = l.compareTo(LONG) > 0
                ? TWO.multiply(l.add(w, Decimals.EXACT), Decimals.EXACT).multiply(ROPE, Decimals.EXACT)
                : BigDecimal.ZERO;
        return SMALLEST.max(area).add(BASE, Decimals.EXACT).add(edge, Decimals.EXACT);
    }

    @Benchmark
    public BigDecimal evalEx() throws EvaluationException, ParseException {
        return evaluated(expression);
    }

    @Benchmark
    public BigDecimal evalExQuickest() throws EvaluationException, ParseException {
        return evaluated(quickExpression);
    }

    private BigDecimal evaluated(Expression parsed) throws EvaluationException, ParseException {
        return parsed.with("length", length)
                .and("width", width)
                .and("cloth", CLOTH)
                .and("rope", ROPE)
                .evaluate()
                .getNumberValue();
    }
}
