package dev.steelyard.web.base;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.announced.AnnouncedKeeper;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.scheduling.annotation.ScheduledAnnotationBeanPostProcessor;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.transaction.support.TransactionTemplate;

/** What is done in the background again and again. */
@ExtendWith(WithApp.class)
class BesideEachOtherTest {

    @Test
    void noneWaitsForAnother(App app) {
        assertThat(app.bean(ScheduledAnnotationBeanPostProcessor.class).getScheduledTasks())
                .hasSizeGreaterThan(10)
                .hasSizeLessThanOrEqualTo(app.bean(ThreadPoolTaskScheduler.class)
                        .getScheduledThreadPoolExecutor()
                        .getCorePoolSize());
    }

    @Test
    void pricesOfAnotherNodeAreFollowedWhileLowestPricesTakeTheirTime(App app) {
        AnnouncedKeeper keeper = app.bean(AnnouncedKeeper.class);
        synchronized (keeper) {
            await().atMost(Duration.ofSeconds(60)).until(() -> waitsForUs(keeper));
            long next = app.bean(TransactionTemplate.class).execute(status -> {
                app.bean(Shops.class).hold();
                app.bean(Shops.class).raiseRevision();
                return app.bean(Shops.class).revision();
            });
            await().atMost(Duration.ofSeconds(60))
                    .until(() -> app.bean(Books.class).inForce().revision() >= next);
            assertThat(waitsForUs(keeper)).isTrue();
        }
    }

    /** Whether a thread of the background is held up by whoever holds the keeper. */
    private static boolean waitsForUs(Object keeper) {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(one -> one.getKey().getName().startsWith("scheduling-"))
                .filter(one -> one.getKey().getState() == Thread.State.BLOCKED)
                .anyMatch(one -> one.getValue()[0]
                        .getClassName()
                        .equals(keeper.getClass().getName()));
    }
}
