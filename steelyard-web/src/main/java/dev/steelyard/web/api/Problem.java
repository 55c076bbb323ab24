package dev.steelyard.web.api;

import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpStatus;

/** What a request can be refused for, each with a page of its own (RFC 9457, “type”). */
public enum Problem {
    NOT_FOUND("not-found", HttpStatus.NOT_FOUND, "There is no such address"),
    BAD_REQUEST("bad-request", HttpStatus.BAD_REQUEST, "The request cannot be understood"),
    NO_KEY("no-key", HttpStatus.UNAUTHORIZED, "This call needs a key"),
    KEY_NOT_GOOD("key-not-good", HttpStatus.UNAUTHORIZED, "The key is not good"),
    NO_RIGHT("no-right", HttpStatus.FORBIDDEN, "The key may not do this"),
    OTHER_PAGE("other-page", HttpStatus.FORBIDDEN, "The key is not good on this page"),
    TOO_OFTEN("too-often", HttpStatus.TOO_MANY_REQUESTS, "There are too many calls with this key"),
    METHOD("method", HttpStatus.METHOD_NOT_ALLOWED, "The address does not take this method"),
    OUR_FAULT("our-fault", HttpStatus.INTERNAL_SERVER_ERROR, "Something is wrong here"),
    AWAY("away", HttpStatus.SERVICE_UNAVAILABLE, "The shop’s books cannot be reached just now"),
    BUSY("busy", HttpStatus.TOO_MANY_REQUESTS, "Others are being answered"),
    BODY_TOO_LARGE("body-too-large", HttpStatus.CONTENT_TOO_LARGE, "The body is too large"),
    NOT_JSON("not-json", HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The body is no JSON by its Content-Type"),
    TOO_MANY_LINES("too-many-lines", HttpStatus.UNPROCESSABLE_CONTENT, "There are too many lines"),
    NO_SUCH_GOODS("no-such-goods", HttpStatus.NOT_FOUND, "Nothing is sold under this SKU"),
    IDEMPOTENCY("idempotency", HttpStatus.UNPROCESSABLE_CONTENT, "The Idempotency-Key was used for something else"),
    NOT_SELLABLE("not-sellable", HttpStatus.UNPROCESSABLE_CONTENT, "This basket cannot be sold as it is"),
    NO_SUCH_QUOTE("no-such-quote", HttpStatus.NOT_FOUND, "There is no such quote"),
    QUOTE_OVER("quote-over", HttpStatus.CONFLICT, "The quote is over or used"),
    ORDER_THERE("order-there", HttpStatus.CONFLICT, "There is an order of that number already"),
    NO_SUCH_ORDER("no-such-order", HttpStatus.NOT_FOUND, "There is no such order"),
    PARAMETER("parameter", HttpStatus.UNPROCESSABLE_CONTENT, "A part of the address cannot be used"),
    CHANGED_MEANWHILE("changed-meanwhile", HttpStatus.CONFLICT, "Somebody else changed the same goods meanwhile"),
    OVER_BOUND("over-bound", HttpStatus.CONFLICT, "Orders would be dearer than the shop lets them be"),
    DOCUMENT("document", HttpStatus.UNPROCESSABLE_CONTENT, "The document cannot be used"),
    TOO_LARGE("too-large", HttpStatus.UNPROCESSABLE_CONTENT, "The document is too large"),
    TOO_MANY_DOCUMENTS("too-many-documents", HttpStatus.UNPROCESSABLE_CONTENT, "There are too many documents"),
    TOO_MANY_ORDERS("too-many-orders", HttpStatus.UNPROCESSABLE_CONTENT, "There are too many orders"),
    TOO_LONG("too-long", HttpStatus.UNPROCESSABLE_CONTENT, "Pricing this takes too long");

    private final String code;
    private final HttpStatus status;
    private final String title;

    Problem(String code, HttpStatus status, String title) {
        this.code = code;
        this.status = status;
        this.title = title;
    }

    String code() {
        return code;
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }

    static Optional<Problem> of(String code) {
        return Arrays.stream(values())
                .filter(problem -> problem.code.equals(code))
                .findFirst();
    }
}
