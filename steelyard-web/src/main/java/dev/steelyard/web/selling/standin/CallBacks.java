package dev.steelyard.web.selling.standin;

import dev.steelyard.web.selling.payment.PaymentMessage;
import dev.steelyard.web.selling.payment.Signatures;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Tells a shop what became of a payment, a few times if need be. */
@Component
class CallBacks {

    private static final Logger log = LoggerFactory.getLogger(CallBacks.class);
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int TIMES = 3;
    private static final int SERVER_ERROR = 500;
    private static final long PAUSE_MILLIS = 500;

    private final Signatures signatures;
    private final JsonMapper mapper;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    CallBacks(Signatures signatures, JsonMapper mapper) {
        this.signatures = signatures;
        this.mapper = mapper;
    }

    /** @param callback the address; empty for nobody */
    void tell(PaymentMessage message, String callback) {
        if (callback.isEmpty()) {
            return;
        }
        try {
            for (int i = 0; i < TIMES; i++) {
                if (told(message, callback)) {
                    return;
                }
                Thread.sleep(PAUSE_MILLIS);
            }
            log.warn("The shop did not take the answer to a payment: {}", message.key());
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean told(PaymentMessage message, String callback) throws InterruptedException {
        String text = mapper.writeValueAsString(message);
        Signatures.Signature signature = signatures.sign(text);
        HttpRequest request = HttpRequest.newBuilder(URI.create(callback))
                .timeout(PATIENCE)
                .header("Content-Type", "application/json")
                .header(Signatures.TIME, signature.time())
                .header(Signatures.HMAC, signature.hmac())
                .POST(BodyPublishers.ofString(text))
                .build();
        try {
            return http.send(request, BodyHandlers.discarding()).statusCode() < SERVER_ERROR;
        } catch (IOException away) {
            log.debug("The shop was away for the answer to a payment", away);
            return false;
        }
    }
}
