package dev.steelyard.web.selling.payment;

import dev.steelyard.web.selling.payment.PaymentAnswer.Approved;
import dev.steelyard.web.selling.payment.PaymentAnswer.Pending;
import dev.steelyard.web.selling.payment.PaymentAnswer.Refused;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to the payment service over HTTP; unless another address is set, to the stand-in that ships with the shop. */
@Component
class RemotePayments implements Payments {

    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final Environment environment;
    private final Signatures signatures;
    private final JsonMapper mapper;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    RemotePayments(Environment environment, Signatures signatures, JsonMapper mapper) {
        this.environment = environment;
        this.signatures = signatures;
        this.mapper = mapper;
    }

    @Override
    @Transactional(propagation = Propagation.NEVER) // nobody waits for a remote service with rows locked
    public void ask(String key, BigDecimal amount, String currency, String card) {
        send("", new PaymentMessage(key, null, null, amount, currency, card, own() + "/payments/callback"));
    }

    @Override
    public PaymentAnswer look(String key) {
        return answer(send("/look", PaymentMessage.about(key)));
    }

    @Override
    public PaymentAnswer cancel(String key) {
        return answer(send("/cancel", PaymentMessage.about(key)));
    }

    private static PaymentAnswer answer(PaymentMessage message) {
        return of(Objects.requireNonNullElse(message.state(), ""), message.reference());
    }

    /** What a state means. */
    static PaymentAnswer of(String state, @Nullable String reference) {
        return switch (state) {
            case PaymentMessage.APPROVED -> new Approved(Objects.requireNonNullElse(reference, ""));
            case PaymentMessage.DECLINED -> new Refused(PaymentRefused.DECLINED);
            case PaymentMessage.CANCELLED -> new Refused(PaymentRefused.CALLED_OFF);
            case PaymentMessage.PENDING -> new Pending();
            default -> throw new NoAnswer("the payment service says what nobody knows: " + state);
        };
    }

    private PaymentMessage send(String path, PaymentMessage message) {
        String text = mapper.writeValueAsString(message);
        Signatures.Signature signature = signatures.sign(text);
        HttpRequest request = HttpRequest.newBuilder(URI.create(service() + path))
                .timeout(PATIENCE)
                .header("Content-Type", "application/json")
                .header(Signatures.TIME, signature.time())
                .header(Signatures.HMAC, signature.hmac())
                .POST(BodyPublishers.ofString(text))
                .build();
        try {
            HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
            PaymentMessage answer = PaymentMessage.read(response.body(), mapper);
            if (response.statusCode() != HttpStatus.OK.value() || answer == null) {
                throw new NoAnswer("the payment service answered with status " + response.statusCode());
            }
            return answer;
        } catch (IOException noAnswer) {
            throw new NoAnswer(noAnswer);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new NoAnswer(stopping);
        }
    }

    private String service() {
        return environment.getProperty("steelyard.payments.url", own() + "/stand-in/payments");
    }

    private String own() {
        String address = environment.getProperty("server.address", "127.0.0.1");
        return "http://" + (address.equals("0.0.0.0") ? "127.0.0.1" : address) + ":"
                + environment.getRequiredProperty("local.server.port");
    }
}
