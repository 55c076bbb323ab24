package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PackedTest {

    @ParameterizedTest
    @ValueSource(
            strings = {"0", "1", "-1", "7.40", "0.000000000000000000000000000000000000001", "99999999999999999", "-0.5"
            })
    void aShortNumberComesBackAsItWas(String digits) {
        long packed = Packed.of(new BigDecimal(digits));
        assertThat(packed).isNotEqualTo(Packed.NONE);
        assertThat(Packed.value(packed)).isEqualTo(new BigDecimal(digits));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1E+2", "123456789012345678", "1E-41", "-123456789012345678.9"})
    void whatDoesNotFitIsNone(String digits) {
        assertThat(Packed.of(new BigDecimal(digits))).isEqualTo(Packed.NONE);
    }

    @Test
    void whatWouldLoseADigitIsNone() {
        long large = Packed.of(new BigDecimal("99999999999999999"));
        long small = Packed.of(new BigDecimal("0.0000000001"));
        assertThat(Packed.multiply(large, large)).isEqualTo(Packed.NONE);
        assertThat(Packed.add(large, small)).isEqualTo(Packed.NONE);
        assertThat(Packed.compare(large, small)).isEqualTo(Packed.UNKNOWN);
        assertThat(Packed.multiply(Packed.NONE, small)).isEqualTo(Packed.NONE);
        assertThat(Packed.add(small, Packed.NONE)).isEqualTo(Packed.NONE);
        assertThat(Packed.negate(Packed.NONE)).isEqualTo(Packed.NONE);
        assertThat(Packed.percent(Packed.NONE)).isEqualTo(Packed.NONE);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void everyOperationGivesTheExactNumberOrNone(long seed) {
        Random random = new Random(seed);
        int given = 0;
        for (int i = 0; i < 20_000; i++) {
            BigDecimal one = random(random);
            BigDecimal other = random(random);
            long a = Packed.of(one);
            long b = Packed.of(other);
            given += same(Packed.add(a, b), one.add(other));
            given += same(Packed.multiply(a, b), one.multiply(other));
            given += same(Packed.negate(a), one.negate());
            given += same(Packed.percent(a), one.movePointLeft(2));
            int order = Packed.compare(a, b);
            assertThat(order == Packed.UNKNOWN || Integer.signum(order) == one.compareTo(other))
                    .isTrue();
            if (Packed.isMultiple(a, b)) {
                assertThat(one.remainder(other)).isEqualByComparingTo("0");
            }
        }
        assertThat(given).isGreaterThan(40_000);
    }

    @ParameterizedTest
    @CsvSource({"1.5,0.5,true", "1.6,0.5,false", "0,0.5,true", "-2,0.5,true", "3,0,false", "0.001,1,false"})
    void multiplesAreTold(BigDecimal value, BigDecimal of, boolean multiple) {
        assertThat(Packed.isMultiple(Packed.of(value), Packed.of(of))).isEqualTo(multiple);
    }

    @ParameterizedTest
    @CsvSource({"8,0.125", "0.01,100", "0.5,2", "1000,0.001"})
    void anInverseThatEndsIsExact(BigDecimal value, BigDecimal inverse) {
        assertThat(Inverse.of(value)).isEqualByComparingTo(inverse);
    }

    @ParameterizedTest
    @ValueSource(strings = {"3", "0", "0.9144", "123456789012345678"})
    void anEndlessInverseIsNone(BigDecimal value) {
        assertThat(Inverse.of(value)).isNull();
    }

    private static int same(long packed, BigDecimal expected) {
        if (packed == Packed.NONE) {
            return 0;
        }
        assertThat(Packed.value(packed)).isEqualByComparingTo(expected);
        return 1;
    }

    private static BigDecimal random(Random random) {
        long digits = random.nextLong() >> (20 + random.nextInt(40));
        return BigDecimal.valueOf(digits, random.nextInt(12));
    }
}
