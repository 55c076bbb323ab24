package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;

/** Lets requests through that their person has the right to, as it is now: a right that was taken away is gone at once. */
final class HoldingRights implements AuthorizationManager<RequestAuthorizationContext> {

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext context) {
        HttpServletRequest request = context.getRequest();
        return new AuthorizationDecision(
                request.getAttribute(EndedSessions.RIGHTS) instanceof Set<?> rights && rights.contains(asked(request)));
    }

    /** The right that a request asks for. */
    static Right asked(HttpServletRequest request) {
        String wish = request.getParameter(RightsHeld.WISH);
        return RightsHeld.of(request.getMethod(), request.getServletPath(), wish == null ? "" : wish);
    }
}
