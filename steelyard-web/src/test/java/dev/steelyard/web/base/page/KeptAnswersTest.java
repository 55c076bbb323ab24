package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class KeptAnswersTest {

    @Test
    void isMadeAnewOnlyOfSomethingElse() {
        AtomicInteger made = new AtomicInteger();
        KeptAnswers<String, Integer> answers = new KeptAnswers<>();
        assertThat(answers.of("cards", List.of("a"), made::incrementAndGet)).isEqualTo(1);
        assertThat(answers.of("cards", List.of("a"), made::incrementAndGet)).isEqualTo(1);
        assertThat(answers.of("deals", List.of("a"), made::incrementAndGet)).isEqualTo(2);
        assertThat(answers.of("cards", List.of("b"), made::incrementAndGet)).isEqualTo(3);
        assertThat(answers.of("cards", List.of("a"), made::incrementAndGet)).isEqualTo(4);
    }
}
