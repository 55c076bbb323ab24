package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Guessing is slow, seen by the owner, and no name is taken for another. */
@ExtendWith(WithApp.class)
class SignInTest {

    private static final String WRONG = "That name and password do not go together.";

    private static Answer signIn(Http stranger, String name, String password) {
        stranger.get("/sign-in");
        return stranger.post("/sign-in", "username", name, "password", password);
    }

    @Test
    void afterFiveWrongPasswordsNotEvenTheRightOneIsLookedAt(Http stranger, Http owner, App app) {
        owner.signIn("jonas");
        for (int i = 0; i < SignInLimit.FREE; i++) {
            assertThat(signIn(stranger, "maren", "guess " + i).text()).contains(WRONG);
        }
        Answer slowed = signIn(stranger, "maren", "saltmarsh");
        assertThat(slowed.text()).contains("Too many wrong passwords. Wait ").doesNotContain(WRONG);
        assertThat(stranger.get("/goods").text()).contains("Password");
        assertThat(owner.get("/history?subject=sign-in").text())
                .contains("somebody did not get in as maren")
                .contains("Jonas signed in as jonas from 127.0.0.1")
                .doesNotContain("added at");
    }

    @Test
    void nobodyWhoIsThereIsToldApartFromNobody(Http stranger) {
        Answer there = signIn(stranger, "maren", "wrong");
        Answer nobody = signIn(stranger, "nobody", "wrong");
        assertThat(nobody.status()).isEqualTo(there.status());
        assertThat(nobody.text()).isEqualTo(there.text());
        for (int i = 0; i < SignInLimit.FREE; i++) {
            signIn(stranger, "nobody", "guess " + i);
        }
        assertThat(signIn(stranger, "nobody", "guess").text()).contains("Too many wrong passwords.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"MAREN", "mären", "maren ", " maren", "Maren"})
    void namesAreComparedExactly(String name, Http stranger) {
        assertThat(signIn(stranger, name, "saltmarsh").text()).contains(WRONG);
    }

    @Test
    void triesComeBackOneByOneAndWhoeverGetsInIsForgiven() {
        Ticking clock = new Ticking();
        SignInLimit limit = new SignInLimit(clock);
        for (int i = 0; i < SignInLimit.FREE; i++) {
            assertThat(limit.pause("maren", "10.0.0.1")).isZero();
            limit.wrong("maren", "10.0.0.1");
        }
        assertThat(limit.pause("maren", "10.0.0.1")).isPositive().isLessThanOrEqualTo(SignInLimit.EACH);
        assertThat(limit.pause("maren", "10.0.0.2"))
                .as("by name, from wherever")
                .isPositive();
        assertThat(limit.pause("jonas", "10.0.0.1"))
                .as("by address, as whoever")
                .isPositive();
        assertThat(limit.pause("jonas", "10.0.0.2")).isZero();
        clock.now = clock.now.plus(SignInLimit.EACH);
        assertThat(limit.pause("maren", "10.0.0.1")).isZero();
        limit.wrong("maren", "10.0.0.1");
        assertThat(limit.pause("maren", "10.0.0.1")).isPositive();
        limit.right("maren", "10.0.0.1");
        assertThat(limit.pause("maren", "10.0.0.1")).isEqualTo(Duration.ZERO);
    }

    private static final class Ticking extends Clock {
        private Instant now = Instant.parse("2027-04-01T09:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }
}
