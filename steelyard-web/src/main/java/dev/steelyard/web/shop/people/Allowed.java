package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;

/** What whoever asks may do, for pages that show some of it to some only. */
public final class Allowed {

    private Allowed() {}

    /** Costs are for those who make prices and for those who keep goods. */
    public static boolean toSeeCosts(HttpServletRequest request) {
        return to(Right.DRAFT, request) || to(Right.LIVE, request);
    }

    public static boolean to(Right right, HttpServletRequest request) {
        return request.getAttribute(EndedSessions.RIGHTS) instanceof Set<?> rights && rights.contains(right);
    }
}
