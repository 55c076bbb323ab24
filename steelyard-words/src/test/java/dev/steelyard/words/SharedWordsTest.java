package dev.steelyard.words;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

/** All requests say things by the same words at once: each is told what it would be told alone. */
class SharedWordsTest {

    private static final int THREADS = 8;
    private static final int THINGS = 400;

    private static List<IntFunction<String>> ways(Words words) {
        return List.of(
                i -> words.day(LocalDate.of(2027, 3, 1).plusDays(i)),
                i -> words.moment(LocalDateTime.of(2027, 3, 1, 0, 0).plusMinutes(37L * i)),
                i -> words.weekdayAndMoment(LocalDateTime.of(2027, 3, 1, 0, 0).plusHours(i)),
                i -> words.number(BigDecimal.valueOf(1_234_567L * i, 3), 2),
                i -> words.say(small(i)),
                i -> words.text("product.more", "step", i));
    }

    private static Fact small(int i) {
        Fact allowed = Fact.of(
                Refusal.BETWEEN,
                new Part.Amount(BigDecimal.valueOf(i + 1L), Unit.CM),
                new Part.Amount(BigDecimal.valueOf(1_200), Unit.CM),
                Part.NONE,
                Part.NONE);
        return Fact.of(
                Refusal.TOO_SMALL,
                Part.name(Wording.of("Length " + i)),
                new Part.Amount(BigDecimal.valueOf(i, 2), Unit.CM),
                Part.of(allowed));
    }

    private static List<String> said(Words words) {
        List<String> said = new ArrayList<>();
        for (IntFunction<String> way : ways(words)) {
            for (int i = 0; i < THINGS; i++) {
                said.add(way.apply(i));
            }
        }
        return said;
    }

    @Test
    void whatIsSaidAtOnceIsWhatIsSaidAlone() throws Exception {
        for (Language language : Language.values()) {
            Words words = Words.shoppers(language);
            List<String> alone = said(words);
            assertThat(alone).noneMatch(text -> text.contains("{") || text.isBlank());
            CountDownLatch all = new CountDownLatch(THREADS);
            Callable<List<String>> one = () -> {
                all.countDown();
                all.await();
                return said(words);
            };
            ExecutorService threads = Executors.newFixedThreadPool(THREADS);
            try {
                for (Future<List<String>> at : threads.invokeAll(Collections.nCopies(THREADS, one))) {
                    assertThat(at.get()).isEqualTo(alone);
                }
            } finally {
                threads.shutdownNow();
            }
        }
    }
}
