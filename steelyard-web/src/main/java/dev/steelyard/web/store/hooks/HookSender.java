package dev.steelyard.web.store.hooks;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Sends one message, signed as the <a href="https://github.com/standard-webhooks/standard-webhooks">Standard Webhooks</a>
 * specification says: HMAC-SHA256 over id, time and body. Redirects are not followed.
 */
@Component
class HookSender {

    private static final Duration TO_CONNECT = Duration.ofSeconds(3);
    private static final int MOST_OF_ANSWER = 400;

    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(TO_CONNECT)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final HookAddress addresses;
    private final Clock clock;
    private final Duration patience;

    /** @param patience how long a whole answer may take, to its end: one that comes by drops is none */
    HookSender(HookAddress addresses, Clock clock, @Value("${steelyard.webhooks.patience:10s}") Duration patience) {
        this.patience = patience;
        this.addresses = addresses;
        this.clock = clock;
    }

    /**
     * What came of it.
     *
     * @param status of the answer; 0 where there was none
     * @param answer its first words, or why there was none
     */
    record Outcome(int status, String answer) {

        boolean taken() {
            return status >= 200 && status < 300;
        }
    }

    /** How long sending takes at most. */
    Duration patience() {
        return patience;
    }

    Outcome send(String address, String secret, String id, String body) {
        URI uri = URI.create(address);
        String refusal = addresses.refusal(uri);
        if (refusal != null) {
            return new Outcome(0, refusal);
        }
        long now = clock.instant().getEpochSecond();
        HttpRequest request = HttpRequest.newBuilder(uri)
                .header("Content-Type", "application/json")
                .header("webhook-id", id)
                .header("webhook-timestamp", "" + now)
                .header("webhook-signature", "v1," + signature(secret, id, now, body))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        CompletableFuture<HttpResponse<String>> asked =
                http.sendAsync(request, any -> new AnswerBegins(MOST_OF_ANSWER));
        try {
            HttpResponse<String> answer = asked.get(patience.toMillis(), TimeUnit.MILLISECONDS);
            boolean elsewhere = answer.statusCode() >= 300 && answer.statusCode() < 400;
            return new Outcome(
                    answer.statusCode(), elsewhere ? "it leads elsewhere; redirects are not followed" : answer.body());
        } catch (TimeoutException hangs) {
            asked.cancel(true);
            return new Outcome(0, "no whole answer within " + patience.toSeconds() + " s");
        } catch (ExecutionException failed) {
            Throwable why = Objects.requireNonNullElse(failed.getCause(), failed);
            return new Outcome(0, why.getClass().getSimpleName() + ": " + why.getMessage());
        } catch (InterruptedException stopping) {
            asked.cancel(true);
            Thread.currentThread().interrupt();
            return new Outcome(0, "stopped while it was sent");
        }
    }

    static String signature(String secret, String id, long time, String body) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(
                    Base64.getDecoder().decode(secret.substring(Webhooks.SECRET.length())), "HmacSHA256"));
            return Base64.getEncoder()
                    .encodeToString(mac.doFinal((id + "." + time + "." + body).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException never) {
            throw new IllegalStateException("every Java has HmacSHA256", never);
        }
    }
}
