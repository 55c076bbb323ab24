package dev.steelyard.web.selling.payment;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What shop and payment service write to each other, as JSON.
 *
 * @param key of the payment
 * @param state {@code PENDING}, {@code APPROVED}, {@code DECLINED} or {@code CANCELLED}; none in a question
 * @param reference of an approved payment
 * @param card digits, in a question alone
 * @param callback where the answer is wanted, in a question alone
 */
public record PaymentMessage(
        @Nullable String key,
        @Nullable String state,
        @Nullable String reference,
        @Nullable BigDecimal amount,
        @Nullable String currency,
        @Nullable String card,
        @Nullable String callback) {

    public static final String PENDING = "PENDING";
    public static final String APPROVED = "APPROVED";
    public static final String DECLINED = "DECLINED";
    public static final String CANCELLED = "CANCELLED";

    /** A question about a payment. */
    public static PaymentMessage about(String key) {
        return new PaymentMessage(key, null, null, null, null, null, null);
    }

    /** None for a text that is none. */
    public static @Nullable PaymentMessage read(String text, JsonMapper mapper) {
        try {
            PaymentMessage message = mapper.readValue(text, PaymentMessage.class);
            return message == null || message.key() == null ? null : message;
        } catch (JacksonException noMessage) {
            return null;
        }
    }

    /** Without the card's digits, which belong into no log. */
    @Override
    public String toString() {
        return key + " " + state + " " + reference + " " + amount + " " + currency;
    }
}
