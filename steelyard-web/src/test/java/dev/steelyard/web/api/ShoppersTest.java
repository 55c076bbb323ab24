package dev.steelyard.web.api;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.WithApp;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What strangers compute takes nothing from the threads that shoppers are answered by. */
@ExtendWith(WithApp.class)
class ShoppersTest {

    private static final int STRANGERS = 64;

    @Test
    void shoppersAreAnsweredWhileTheTrialsPoolIsFullToItsBrim(App app, Http shopper) {
        ExecutorService strangers = Executors.newFixedThreadPool(STRANGERS);
        try (FullPool full = new FullPool(app.bean(TrialPool.class))) {
            CompletableFuture<?>[] refused = Stream.generate(
                            () -> CompletableFuture.runAsync(() -> refused(app), strangers))
                    .limit(STRANGERS)
                    .toArray(CompletableFuture[]::new);

            assertThat(shopper.get("/counter/price?sku=SHK-8&quantity=10").body())
                    .contains("id=\"total\">69.00<");

            CompletableFuture.allOf(refused).join();
            assertThat(full).isNotNull();
        }
        strangers.shutdown();
    }

    private static void refused(App app) {
        assertThat(new Http(app.url())
                        .postBody("/api/v1/trials", "application/json", "[]")
                        .status())
                .isEqualTo(429);
    }
}
