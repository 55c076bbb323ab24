package dev.steelyard.format.table;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuardedTest {

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1", "@sum", "\t=1", "\r=1", "＝1+1", "＋1", "－1", "＠sum", "'=1", "''＝1"})
    void whatWouldRunAsAFormulaIsGuardedAndComesBackAsItWas(String text) {
        assertThat(Guarded.out(text)).isEqualTo("'" + text);
        assertThat(Guarded.in(Guarded.out(text))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Bow shackle", "a=1", "6.90", "'tis", "’=1", " =1"})
    void whatIsATextStaysOne(String text) {
        assertThat(Guarded.out(text)).isEqualTo(text);
        assertThat(Guarded.in(text)).isEqualTo(text);
    }
}
