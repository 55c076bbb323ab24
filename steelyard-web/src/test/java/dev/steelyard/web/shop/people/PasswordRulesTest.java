package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PasswordRulesTest {

    @ParameterizedTest
    @CsvSource({
        "saltmarsh, 'A password has at least 12 characters; this one has 9'",
        "PassWord1234, tried first",
        "aaaabbbbaaaabbbb, at least 5 different characters",
        "marenmaren12, more than a name with a few characters",
    })
    void whatIsGuessedFirstIsRefused(String password, String words) {
        assertThat(PasswordRules.fault(password, "Maren", "maren")).contains(words);
        assertThat(PasswordRules.fault("x".repeat(201))).contains("at most 200");
    }

    @Test
    void wordsWithoutFiguresOrSignsAreTaken() {
        assertThat(PasswordRules.fault("a long walk home", "Maren", "")).isNull();
        assertThat(PasswordRules.fault("maren walks home at noon", "Maren", "maren"))
                .isNull();
    }
}
