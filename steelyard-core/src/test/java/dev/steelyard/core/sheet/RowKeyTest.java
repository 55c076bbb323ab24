package dev.steelyard.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Validity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The key of a price in a sheet: known again, and not to fit any more once anything of the price has changed. */
class RowKeyTest {

    private static final Validity MARCH = new Validity(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 31));
    private static final PriceLine LINE = new PriceLine("Boatyard", 50, new BigDecimal("5.05"), MARCH);

    @ParameterizedTest
    @EnumSource(RowKey.Kind.class)
    void isReadAsItIsWritten(RowKey.Kind kind) {
        RowKey key = RowKey.of(kind, 123_456_789_012_345_678L, LINE);
        assertThat(key.toString()).matches("[RPV]123456789012345678-[0-9a-f]{8}");
        assertThat(RowKey.parse("\u00a0" + key + " ")).contains(key);
        assertThat(key.fits(LINE)).isTrue();
    }

    @Test
    void fitsNothingElse() {
        RowKey key = RowKey.of(RowKey.Kind.ROW, 32, LINE);
        List<PriceLine> others = List.of(
                new PriceLine("Crew club", 50, LINE.price(), MARCH),
                new PriceLine(null, 50, LINE.price(), MARCH),
                new PriceLine("Boatyard", 51, LINE.price(), MARCH),
                new PriceLine("Boatyard", null, LINE.price(), MARCH),
                new PriceLine("Boatyard", 50, new BigDecimal("5.06"), MARCH),
                new PriceLine("Boatyard", 50, LINE.price(), Validity.ALWAYS),
                new PriceLine("Boatyard", 50, LINE.price(), new Validity(MARCH.from(), null)),
                new PriceLine("Boatyard", 50, LINE.price(), new Validity(null, MARCH.until())));
        assertThat(others).noneMatch(key::fits);
        assertThat(others.stream().map(line -> RowKey.of(RowKey.Kind.ROW, 32, line)))
                .doesNotHaveDuplicates()
                .doesNotContain(key);
        assertThat(RowKey.of(RowKey.Kind.ROW, 33, LINE).check()).isNotEqualTo(key.check());
        assertThat(RowKey.of(RowKey.Kind.VARIANT, 32, LINE).check()).isNotEqualTo(key.check());
    }

    /** A spreadsheet program takes zeros off; the price is the same. */
    @Test
    void goesByTheWorthOfThePriceNotByHowItIsWritten() {
        RowKey key = RowKey.of(RowKey.Kind.PRODUCT, 7, PriceLine.shelf(new BigDecimal("5.00")));
        assertThat(key.fits(PriceLine.shelf(new BigDecimal("5")))).isTrue();
        assertThat(key.fits(PriceLine.shelf(new BigDecimal("5.0000")))).isTrue();
        assertThat(key.fits(PriceLine.shelf(new BigDecimal("5.0001")))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "R",
                "R32",
                "R32-",
                "R0-0a1b2c3d",
                "R032-0a1b2c3d",
                "X32-0a1b2c3d",
                "r32-0a1b2c3d",
                "R32-0A1B2C3D",
                "R32-0a1b2c3",
                "R32-0a1b2c3d4",
                "R-1-0a1b2c3d",
                "R1234567890123456789-0a1b2c3d",
                "R32 -0a1b2c3d"
            })
    void anyOtherTextIsNone(String text) {
        assertThat(RowKey.parse(text)).isEmpty();
    }
}
