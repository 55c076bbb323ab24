package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class OrderQuantityTest {

    @Test
    void whateverFitsIsFoundFromEverySide() {
        for (OrderQuantity one : List.of(
                OrderQuantity.ANY,
                new OrderQuantity(12L, 48L, 6L),
                new OrderQuantity(null, 90L, 10L),
                new OrderQuantity(7L, 7L, null),
                new OrderQuantity(13L, 17L, 6L))) {
            List<Long> fitting = LongStream.rangeClosed(1, 200)
                    .filter(pieces -> (one.atLeast() == null || pieces >= one.atLeast())
                            && (one.atMost() == null || pieces <= one.atMost())
                            && (one.multipleOf() == null || pieces % one.multipleOf() == 0))
                    .boxed()
                    .toList();
            for (long pieces = 1; pieces <= 100; pieces++) {
                long here = pieces;
                assertThat(one.fits(here)).isEqualTo(fitting.contains(here));
                assertThat(one.from(here).stream().boxed().toList())
                        .isEqualTo(fitting.stream()
                                .filter(fit -> fit >= here)
                                .limit(1)
                                .toList());
                assertThat(one.upTo(here).stream().boxed().toList())
                        .isEqualTo(fitting.stream().filter(fit -> fit <= here).reduce((less, more) -> more).stream()
                                .toList());
            }
        }
    }

    @Test
    void theNearestThatFitAreTheOneBelowAndTheOneAbove() {
        OrderQuantity boxes = new OrderQuantity(12L, 48L, 6L);
        assertThat(boxes.nearest(20)).containsExactly(18L, 24L);
        assertThat(boxes.nearest(3)).containsExactly(12L);
        assertThat(boxes.nearest(1000)).containsExactly(48L);
        assertThat(new OrderQuantity(13L, 17L, 6L).nearest(15)).isEmpty();
    }
}
