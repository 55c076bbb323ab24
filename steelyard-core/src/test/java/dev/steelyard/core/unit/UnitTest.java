package dev.steelyard.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Map;
import javax.measure.UnitConverter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import systems.uom.ucum.format.UCUMFormat;

class UnitTest {

    private static final Map<Dimension, String> BASE = Map.of(
            Dimension.LENGTH,
            "m",
            Dimension.AREA,
            "m2",
            Dimension.VOLUME,
            "m3",
            Dimension.WEIGHT,
            "kg",
            Dimension.PLAIN,
            "1");

    /** A units library that reads UCUM codes agrees with code and factor of each unit. */
    @ParameterizedTest
    @EnumSource
    void codesAndFactorsAreThoseOfUcum(Unit unit) {
        assertThat(converted(unit)).isCloseTo(unit.factor(), org.assertj.core.data.Percentage.withPercentage(1e-12));
    }

    @SuppressWarnings({"unchecked", "rawtypes"}) // the library's kinds are types, ours are values
    private static BigDecimal converted(Unit unit) {
        UCUMFormat format = UCUMFormat.getInstance(UCUMFormat.Variant.CASE_SENSITIVE);
        javax.measure.Unit from = format.parse(unit.ucum());
        javax.measure.Unit to = format.parse(BASE.get(unit.dimension()));
        UnitConverter converter = from.getConverterTo(to);
        return new BigDecimal(converter.convert(BigDecimal.ONE).toString(), MathContext.DECIMAL128);
    }

    @Test
    void everyCodeIsFoundAndCaseCounts() {
        for (Unit unit : Unit.values()) {
            assertThat(Unit.of(unit.code())).contains(unit);
        }
        assertThat(Unit.of("CM")).isEmpty();
        assertThat(Unit.of("l")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"CM, 523, 5.23", "YD, 27.34, 24.999696", "IN2, 144, 0.09290304", "LB, 1, 0.45359237", "ML, 250, 0.00025"
    })
    void convertsExactlyThereAndBack(Unit unit, String value, String base) {
        assertThat(unit.toBase(new BigDecimal(value))).isEqualByComparingTo(base);
        assertThat(unit.fromBase(new BigDecimal(base))).isEqualByComparingTo(value);
    }

    @Test
    void dimensionsMultiplyAndSaySo() {
        assertThat(Dimension.LENGTH.times(Dimension.LENGTH)).isEqualTo(Dimension.AREA);
        assertThat(Dimension.MONEY.per(Dimension.AREA).words()).isEqualTo("money per m²");
        assertThat(Dimension.WEIGHT.per(Dimension.VOLUME).words()).isEqualTo("kg per m³");
        assertThat(Dimension.LENGTH.power(4).words()).isEqualTo("m^4");
        assertThat(Dimension.PLAIN.per(Dimension.LENGTH).words()).isEqualTo("1 per m");
        assertThat(Dimension.AREA.root()).isEqualTo(Dimension.LENGTH);
        assertThatThrownBy(Dimension.VOLUME::root).isInstanceOf(IllegalArgumentException.class);
        assertThat(Unit.measuring(Dimension.WEIGHT)).containsExactly(Unit.G, Unit.KG, Unit.T, Unit.OZ, Unit.LB);
    }
}
