package dev.steelyard.web.start.begin;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class BeginCodeTest {

    @Test
    void aCodeThatIsGuessedAtIsVoidUntilTheNextStart() {
        BeginCode code = new BeginCode();
        assertThat(code.opens("")).as("none was made").isFalse();
        String made = code.make();
        assertThat(made).matches("([a-z2-9]{4}-){2}[a-z2-9]{4}");
        assertThat(code.opens(" " + made + " ")).isTrue();
        for (int i = 0; i < 20; i++) {
            assertThat(code.opens("aaaa-bbbb-cccc")).isFalse();
        }
        assertThat(code.opens(made)).isFalse();
        assertThat(code.isGuessedAt()).isTrue();
        assertThat(code.opens(code.make())).isTrue();
    }

    @Test
    void aCodeThatWasUsedOpensNothing() {
        BeginCode code = new BeginCode();
        String made = code.make();
        code.use();
        assertThat(code.opens(made)).isFalse();
    }
}
