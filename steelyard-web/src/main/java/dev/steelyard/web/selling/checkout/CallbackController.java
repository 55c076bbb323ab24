package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.orders.NewOrder;
import dev.steelyard.web.selling.payment.PaymentMessage;
import dev.steelyard.web.selling.payment.PaymentRefused;
import dev.steelyard.web.selling.payment.Signatures;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import tools.jackson.databind.json.JsonMapper;

/** Hears what became of a payment. Whatever is told twice, late, wrongly or by a stranger makes no second order. */
@Controller
class CallbackController {

    private static final int MOST_BYTES = 16_384;

    /** As much of a service's name for a payment as is kept. */
    private static final int LONGEST_REFERENCE = 500;

    private static final Logger log = LoggerFactory.getLogger(CallbackController.class);

    private final Checkouts checkouts;
    private final Signatures signatures;
    private final JsonMapper mapper;

    CallbackController(Checkouts checkouts, Signatures signatures, JsonMapper mapper) {
        this.checkouts = checkouts;
        this.signatures = signatures;
        this.mapper = mapper;
    }

    @PostMapping("/payments/callback")
    ResponseEntity<String> hear(
            HttpServletRequest request,
            @RequestHeader(name = Signatures.TIME, required = false) @Nullable String time,
            @RequestHeader(name = Signatures.HMAC, required = false) @Nullable String hmac)
            throws IOException {
        if (time == null || hmac == null) {
            return answer(HttpStatus.UNAUTHORIZED, "an answer to a payment is signed");
        }
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            return answer(HttpStatus.CONTENT_TOO_LARGE, "an answer to a payment has at most " + MOST_BYTES + " bytes");
        }
        String text = new String(body, StandardCharsets.UTF_8);
        if (!signatures.isRight(time, hmac, text)) {
            log.warn("An answer to a payment had a wrong signature; it was not heard");
            return answer(HttpStatus.UNAUTHORIZED, "the signature is wrong, or too old");
        }
        PaymentMessage message = PaymentMessage.read(text, mapper);
        if (message == null) {
            return answer(HttpStatus.BAD_REQUEST, "this is no answer to a payment");
        }
        String paymentKey = Objects.requireNonNull(message.key());
        String key = PaymentKey.checkout(paymentKey);
        if (!checkouts.knows(key)) {
            return answer(HttpStatus.NOT_FOUND, "no checkout has the payment " + paymentKey);
        }
        return switch (Objects.requireNonNullElse(message.state(), "")) {
            case PaymentMessage.APPROVED -> approved(key, paymentKey, message);
            case PaymentMessage.DECLINED -> refused(key, paymentKey, PaymentRefused.DECLINED);
            case PaymentMessage.CANCELLED -> refused(key, paymentKey, PaymentRefused.CALLED_OFF);
            default -> answer(HttpStatus.BAD_REQUEST, "there is no state “" + message.state() + "”");
        };
    }

    private ResponseEntity<String> approved(String key, String paymentKey, PaymentMessage message) {
        NewOrder awaited = checkouts.awaited(key, paymentKey);
        boolean other = awaited != null
                && (message.amount() == null
                        || awaited.total().compareTo(message.amount()) != 0
                        || !awaited.currency().equals(message.currency()));
        if (other) {
            log.warn("Payment {} is over another sum than its order; it was not heard", paymentKey);
            return answer(HttpStatus.CONFLICT, "the sum is not the order's");
        }
        PlacingOutcome outcome = checkouts.place(key, paymentKey, reference(message));
        if (outcome == null) {
            log.warn("Payment {} was called off before it was approved; no order came of it", paymentKey);
            return answer(HttpStatus.CONFLICT, "this payment was called off");
        }
        return answer(HttpStatus.OK, "heard");
    }

    private static String reference(PaymentMessage message) {
        String whole = Objects.requireNonNullElse(message.reference(), "");
        return whole.length() <= LONGEST_REFERENCE ? whole : whole.substring(0, LONGEST_REFERENCE);
    }

    private ResponseEntity<String> refused(String key, String paymentKey, PaymentRefused why) {
        checkouts.refused(key, paymentKey, why);
        return answer(HttpStatus.OK, "heard");
    }

    private static ResponseEntity<String> answer(HttpStatus status, String words) {
        return ResponseEntity.status(status).contentType(MediaType.TEXT_PLAIN).body(words);
    }
}
