package dev.steelyard.web.api;

import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpStatus;

/** What a request can be refused for, each with a page of its own (RFC 9457, “type”). */
enum Problem {
    NOT_FOUND("not-found", HttpStatus.NOT_FOUND, "There is no such address"),
    BAD_REQUEST("bad-request", HttpStatus.BAD_REQUEST, "The request cannot be understood"),
    METHOD("method", HttpStatus.METHOD_NOT_ALLOWED, "The address does not take this method"),
    OUR_FAULT("our-fault", HttpStatus.INTERNAL_SERVER_ERROR, "Something is wrong here"),
    AWAY("away", HttpStatus.SERVICE_UNAVAILABLE, "The shop’s books cannot be reached just now"),
    BUSY("busy", HttpStatus.TOO_MANY_REQUESTS, "Others are being answered"),
    BODY_TOO_LARGE("body-too-large", HttpStatus.CONTENT_TOO_LARGE, "The body is too large"),
    NOT_JSON("not-json", HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The body is no JSON by its Content-Type"),
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
