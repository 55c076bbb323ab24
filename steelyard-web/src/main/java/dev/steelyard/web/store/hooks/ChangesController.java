package dev.steelyard.web.store.hooks;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.store.door.Needs;
import dev.steelyard.web.store.door.StoreCall;
import dev.steelyard.web.store.keys.KeyRight;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.Iterator;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.springframework.http.ResponseEntity;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.context.request.async.DeferredResult;

/** What a store may have missed. A request that waits holds no thread. */
@Controller
class ChangesController {

    private static final int LONGEST_WAIT = 30;
    private static final int MOST_WAITING = 500;

    private final PriceChanges changes;
    private final Books books;
    private final Clock clock;
    private final Queue<Waiting> waiting = new ConcurrentLinkedQueue<>();

    ChangesController(PriceChanges changes, Books books, Clock clock) {
        this.changes = changes;
        this.books = books;
        this.clock = clock;
    }

    private record Waiting(long after, Instant until, DeferredResult<ResponseEntity<Answer>> answer) {}

    /** What may have changed. */
    @Schema(name = "Changes")
    record Answer(
            @Schema(description = "the newest; ask for what came after it next") long revision,
            @Schema(description = "whether anything may have another price; then no SKUs are named") boolean many,
            @Schema(description = "of products and variants whose price may be another") List<String> skus) {}

    @Operation(
            operationId = "changes",
            tags = "Goods",
            summary = "Goods whose price may differ since a revision",
            description = "With “wait”, the request is held up to so many seconds until there is something.")
    @ApiResponse(
            responseCode = "200",
            description = "what may have changed; nothing, where no SKU is named and “many” is false",
            content = @Content(mediaType = "application/json", schema = @Schema(implementation = Answer.class)))
    @Needs(KeyRight.PRICES)
    @GetMapping("/api/v1/changes")
    DeferredResult<ResponseEntity<Answer>> changes(
            @RequestParam(defaultValue = "0") String after, @RequestParam(defaultValue = "0") String wait) {
        long revision = StoreCall.number("after", after, 0, Integer.MAX_VALUE);
        int seconds = StoreCall.number("wait", wait, 0, LONGEST_WAIT);
        DeferredResult<ResponseEntity<Answer>> answer = new DeferredResult<>(2L * LONGEST_WAIT * 1_000);
        Waiting one = new Waiting(revision, clock.instant().plusSeconds(seconds), answer);
        if (seconds == 0 || books.inForce().revision() > revision || waiting.size() >= MOST_WAITING) {
            settle(one);
        } else {
            waiting.add(one);
            answer.onCompletion(() -> waiting.remove(one));
        }
        return answer;
    }

    private void settle(Waiting one) {
        PriceChanges.Since since = changes.since(one.after());
        one.answer().setResult(ResponseEntity.ok(new Answer(since.revision(), since.many(), since.skus())));
    }

    /** Answers those who wait for what has come, or long enough. */
    @Scheduled(fixedDelayString = "500ms")
    void look() {
        if (waiting.isEmpty()) {
            return;
        }
        long now = books.inForce().revision();
        for (Iterator<Waiting> all = waiting.iterator(); all.hasNext(); ) {
            Waiting one = all.next();
            if (now > one.after() || !clock.instant().isBefore(one.until())) {
                all.remove();
                settle(one);
            }
        }
    }
}
