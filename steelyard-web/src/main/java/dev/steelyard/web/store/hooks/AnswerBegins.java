package dev.steelyard.web.store.hooks;

import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;
import org.jspecify.annotations.Nullable;

/** The beginning of an answer; what comes behind it is not waited for. */
final class AnswerBegins implements HttpResponse.BodySubscriber<String> {

    private final int most;
    private final ByteArrayOutputStream read = new ByteArrayOutputStream();
    private final CompletableFuture<String> words = new CompletableFuture<>();
    private Flow.@Nullable Subscription subscription;

    /** @param most bytes that are read */
    AnswerBegins(int most) {
        this.most = most;
    }

    @Override
    public CompletionStage<String> getBody() {
        return words;
    }

    @Override
    public void onSubscribe(Flow.Subscription given) {
        subscription = given;
        given.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(List<ByteBuffer> parts) {
        for (ByteBuffer part : parts) {
            byte[] bytes = new byte[Math.min(part.remaining(), most - read.size())];
            part.get(bytes);
            read.writeBytes(bytes);
        }
        if (read.size() == most && subscription != null) {
            subscription.cancel();
            onComplete();
        }
    }

    @Override
    public void onError(Throwable failed) {
        words.completeExceptionally(failed);
    }

    @Override
    public void onComplete() {
        words.complete(read.toString(StandardCharsets.UTF_8));
    }
}
