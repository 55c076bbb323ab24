package dev.steelyard.web.base.page;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;

/** Whether a request is a shopper's. */
public final class ShopperRequest {

    private ShopperRequest() {}

    /** Whether a page of the counter was asked for; for a page of errors, whether the one that failed was. */
    public static boolean is(HttpServletRequest request) {
        Object failed = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
        return (failed instanceof String address ? address : request.getRequestURI()).startsWith("/counter");
    }
}
