package dev.steelyard.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import dev.steelyard.core.reckoning.NoLongerWanted;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.web.testing.HandClock;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class TrialPoolTest {

    private final HandClock clock = new HandClock();
    private final TrialPool pool =
            new TrialPool(new TrialLimits(1000, 1, 1, 1, Duration.ofSeconds(5), 1, 2), new Shoppers(), clock);
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CompletableFuture<String> ended = new CompletableFuture<>();
    private final CountDownLatch free = new CountDownLatch(1);

    @AfterEach
    void letGo() {
        free.countDown();
        pool.destroy();
    }

    /** Works until it is told that nobody wants it any more. */
    private String forEver(Wanted wanted) {
        begun.countDown();
        try {
            while (true) {
                wanted.check();
                Thread.onSpinWait();
            }
        } catch (NoLongerWanted over) {
            ended.complete("no longer wanted");
            throw over;
        }
    }

    private CompletableFuture<String> blocking() {
        return CompletableFuture.supplyAsync(() -> {
            try {
                return pool.run(
                        wanted -> {
                            begun.countDown();
                            try {
                                free.await();
                            } catch (InterruptedException stopping) {
                                throw new IllegalStateException(stopping);
                            }
                            return "answer";
                        },
                        () -> false);
            } catch (IOException gone) {
                throw new IllegalStateException(gone);
            }
        });
    }

    @Test
    void whatIsQuickIsAnswered() throws IOException {
        String answer = pool.run(wanted -> "answer", () -> false);
        assertThat(answer).isEqualTo("answer");
        await().until(() -> pool.underWay() == 0);
    }

    @Test
    void workEndsWhenItsTimeIsOverAndThatIsSaid() throws InterruptedException {
        CompletableFuture<Object> asked = CompletableFuture.supplyAsync(() -> {
            try {
                return pool.run(this::forEver, () -> false);
            } catch (IOException | ProblemFound said) {
                return said;
            }
        });
        begun.await();
        clock.forward(Duration.ofSeconds(6));

        assertThat(asked.join()).isInstanceOfSatisfying(ProblemFound.class, said -> {
            assertThat(said.problem()).isEqualTo(Problem.TOO_LONG);
            assertThat(said).hasMessageContaining("5 seconds");
        });
        assertThat(ended.join()).isEqualTo("no longer wanted");
    }

    @Test
    void workEndsOnceWhoeverAskedHasGone() {
        AtomicBoolean gone = new AtomicBoolean();
        assertThatThrownBy(() -> pool.run(
                        wanted -> {
                            gone.set(true);
                            return forEver(wanted);
                        },
                        gone::get))
                .hasMessageContaining("has gone");
        assertThat(ended.join()).isEqualTo("no longer wanted");
    }

    @Test
    void beyondAShortQueueItIsRefusedAtOnce() throws Exception {
        CompletableFuture<String> first = blocking();
        begun.await();
        CompletableFuture<String> second = blocking();
        CompletableFuture<String> third = blocking();
        await().until(() -> pool.underWay() == 3);

        assertThatThrownBy(pool::room).isInstanceOfSatisfying(ProblemFound.class, said -> assertThat(said.problem())
                .isEqualTo(Problem.BUSY));
        assertThatThrownBy(() -> pool.run(wanted -> "one more", () -> false)).isInstanceOf(ProblemFound.class);
        assertThat(ProblemAnswer.of(new ProblemFound(Problem.BUSY, "later")).getHeaders())
                .satisfies(
                        headers -> assertThat(headers.getFirst("Retry-After")).isEqualTo("2"));

        free.countDown();
        assertThat(first.join() + second.join() + third.join()).isEqualTo("answeransweranswer");
        pool.room();
    }

    @Test
    void whatWaitedLongerThanItsTimeIsNotBegun() throws Exception {
        CompletableFuture<String> first = blocking();
        begun.await();
        AtomicBoolean ran = new AtomicBoolean();
        CompletableFuture<Object> late = CompletableFuture.supplyAsync(() -> {
            try {
                return pool.run(
                        wanted -> {
                            ran.set(true);
                            return "late";
                        },
                        () -> false);
            } catch (IOException | ProblemFound said) {
                return said;
            }
        });
        await().until(() -> pool.underWay() == 2);
        clock.forward(Duration.ofSeconds(6));
        free.countDown();

        assertThat(late.join()).isInstanceOf(ProblemFound.class);
        assertThat(first.join()).isEqualTo("answer");
        assertThat(ran).isFalse();
    }
}
