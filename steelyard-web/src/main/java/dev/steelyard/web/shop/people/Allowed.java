package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;

/** What whoever asks may do, for pages that show some of it to some only. */
public final class Allowed {

    private Allowed() {}

    public static boolean to(Right right, HttpServletRequest request) {
        return request.getAttribute(EndedSessions.RIGHTS) instanceof Set<?> rights && rights.contains(right);
    }
}
