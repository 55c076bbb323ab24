package dev.steelyard.web.selling.standin;

import dev.steelyard.web.selling.payment.PaymentMessage;
import dev.steelyard.web.selling.payment.Signatures;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import tools.jackson.databind.json.JsonMapper;

/** The stand-in's door: a payment is asked for, looked at, called off. */
@Controller
@RequestMapping("/stand-in/payments")
class StandInController {

    private final StandIn standIn;
    private final Signatures signatures;
    private final JsonMapper mapper;

    StandInController(StandIn standIn, Signatures signatures, JsonMapper mapper) {
        this.standIn = standIn;
        this.signatures = signatures;
        this.mapper = mapper;
    }

    @PostMapping
    ResponseEntity<String> ask(
            @RequestBody String text,
            @RequestHeader(name = Signatures.TIME, required = false) @Nullable String time,
            @RequestHeader(name = Signatures.HMAC, required = false) @Nullable String hmac) {
        return answer(text, time, hmac, standIn::ask);
    }

    @PostMapping("/look")
    ResponseEntity<String> look(
            @RequestBody String text,
            @RequestHeader(name = Signatures.TIME, required = false) @Nullable String time,
            @RequestHeader(name = Signatures.HMAC, required = false) @Nullable String hmac) {
        return answer(text, time, hmac, standIn::look);
    }

    @PostMapping("/cancel")
    ResponseEntity<String> cancel(
            @RequestBody String text,
            @RequestHeader(name = Signatures.TIME, required = false) @Nullable String time,
            @RequestHeader(name = Signatures.HMAC, required = false) @Nullable String hmac) {
        return answer(text, time, hmac, standIn::cancel);
    }

    private ResponseEntity<String> answer(
            String text, @Nullable String time, @Nullable String hmac, Function<PaymentMessage, PaymentMessage> what) {
        if (!signatures.isRight(time, hmac, text)) {
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED).build();
        }
        PaymentMessage message = PaymentMessage.read(text, mapper);
        return message == null
                ? ResponseEntity.badRequest().build()
                : ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_JSON)
                        .body(mapper.writeValueAsString(what.apply(message)));
    }
}
