package dev.steelyard.core.unit;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Inverse;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The units measurements are typed in: a closed table, since kinds and conversion are part of the formula language.
 * Values are held in m, m², m³ and kg; every factor to these is an exact decimal (international yard and pound, 1959; US
 * gallon of 231 cubic inches; imperial gallon of 4.54609 litres).
 *
 * <p>Codes are written as in formulas and files, where case counts. UCUM codes follow the Unified Code for Units of
 * Measure.
 */
public enum Unit {
    MM("mm", "mm", "mm", Dimension.LENGTH, "0.001"),
    CM("cm", "cm", "cm", Dimension.LENGTH, "0.01"),
    M("m", "m", "m", Dimension.LENGTH, "1"),
    KM("km", "km", "km", Dimension.LENGTH, "1000"),
    IN("in", "[in_i]", "in", Dimension.LENGTH, "0.0254"),
    FT("ft", "[ft_i]", "ft", Dimension.LENGTH, "0.3048"),
    YD("yd", "[yd_i]", "yd", Dimension.LENGTH, "0.9144"),
    MM2("mm2", "mm2", "mm²", Dimension.AREA, "0.000001"),
    CM2("cm2", "cm2", "cm²", Dimension.AREA, "0.0001"),
    M2("m2", "m2", "m²", Dimension.AREA, "1"),
    KM2("km2", "km2", "km²", Dimension.AREA, "1000000"),
    IN2("in2", "[in_i]2", "in²", Dimension.AREA, "0.00064516"),
    FT2("ft2", "[ft_i]2", "ft²", Dimension.AREA, "0.09290304"),
    YD2("yd2", "[yd_i]2", "yd²", Dimension.AREA, "0.83612736"),
    MM3("mm3", "mm3", "mm³", Dimension.VOLUME, "0.000000001"),
    CM3("cm3", "cm3", "cm³", Dimension.VOLUME, "0.000001"),
    M3("m3", "m3", "m³", Dimension.VOLUME, "1"),
    KM3("km3", "km3", "km³", Dimension.VOLUME, "1000000000"),
    IN3("in3", "[in_i]3", "in³", Dimension.VOLUME, "0.000016387064"),
    FT3("ft3", "[ft_i]3", "ft³", Dimension.VOLUME, "0.028316846592"),
    YD3("yd3", "[yd_i]3", "yd³", Dimension.VOLUME, "0.764554857984"),
    ML("mL", "mL", "ml", Dimension.VOLUME, "0.000001"),
    L("L", "L", "l", Dimension.VOLUME, "0.001"),
    GAL_US("gal_us", "[gal_us]", "US gal", Dimension.VOLUME, "0.003785411784"),
    GAL_IMP("gal_imp", "[gal_br]", "imp gal", Dimension.VOLUME, "0.00454609"),
    G("g", "g", "g", Dimension.WEIGHT, "0.001"),
    KG("kg", "kg", "kg", Dimension.WEIGHT, "1"),
    T("t", "t", "t", Dimension.WEIGHT, "1000"),
    OZ("oz", "[oz_av]", "oz", Dimension.WEIGHT, "0.028349523125"),
    LB("lb", "[lb_av]", "lb", Dimension.WEIGHT, "0.45359237"),
    ONE("1", "1", "", Dimension.PLAIN, "1");

    private static final Map<String, Unit> BY_CODE =
            Arrays.stream(values()).collect(Collectors.toMap(Unit::code, Function.identity()));

    private final String code;
    private final String ucum;
    private final String symbol;
    private final Dimension dimension;
    private final BigDecimal factor;
    private final @Nullable BigDecimal inverse;

    Unit(String code, String ucum, String symbol, Dimension dimension, String factor) {
        this.code = code;
        this.ucum = ucum;
        this.symbol = symbol;
        this.dimension = dimension;
        this.factor = new BigDecimal(factor);
        this.inverse = Inverse.of(this.factor);
    }

    /** The unit of a code as written in formulas and files; none for any other text, whatever its case. */
    public static Optional<Unit> of(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }

    /** The unit that people write so: by its code or its symbol, {@code m2} or {@code m²}; none for any other text. */
    public static Optional<Unit> written(String text) {
        return of(text).or(() -> Arrays.stream(values())
                .filter(unit -> !unit.symbol.isEmpty() && unit.symbol.equals(text))
                .findFirst());
    }

    /** All units that measure the same. */
    public static List<Unit> measuring(Dimension dimension) {
        return Arrays.stream(values())
                .filter(unit -> unit.dimension.equals(dimension))
                .toList();
    }

    public String code() {
        return code;
    }

    /** Its code in the Unified Code for Units of Measure. */
    public String ucum() {
        return ucum;
    }

    /** As shown to shoppers; empty for {@link #ONE}. */
    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** How many m, m², m³ or kg one of it is, exact. */
    public BigDecimal factor() {
        return factor;
    }

    /** A value of this unit in m, m², m³ or kg: 523 cm is 5.23. Rounded to 34 digits, half-even. */
    public BigDecimal toBase(BigDecimal value) {
        return value.multiply(factor, Decimals.EXACT);
    }

    /** A value in m, m², m³ or kg in this unit: 5.23 is 523 cm. Rounded to 34 digits, half-even. */
    public BigDecimal fromBase(BigDecimal base) {
        return inverse != null ? base.multiply(inverse, Decimals.EXACT) : base.divide(factor, Decimals.EXACT);
    }

    /**
     * What an amount in m, m², m³ or kg costs at a price per this unit: 0.9144 at 9.00 per yd is 9.00. Multiplied before
     * it is divided, so that no third digit is lost where the division ends.
     */
    public BigDecimal price(BigDecimal base, BigDecimal pricePerUnit) {
        return fromBase(base.multiply(pricePerUnit, Decimals.EXACT));
    }
}
