package dev.steelyard.web.shop.people;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** Lets requests through that their person has the right to, as it is now: a right that was taken away is gone at once. */
@Component
class HoldingRights implements AuthorizationManager<RequestAuthorizationContext> {

    private final People people;

    HoldingRights(People people) {
        this.people = people;
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext context) {
        Authentication authentication = who.get();
        if (authentication == null || !(authentication.getPrincipal() instanceof StaffMember member)) {
            return new AuthorizationDecision(false);
        }
        var request = context.getRequest();
        String wish = request.getParameter(RightsHeld.WISH);
        Right asked = RightsHeld.of(request.getMethod(), request.getServletPath(), wish == null ? "" : wish);
        return new AuthorizationDecision(people.rights(member).contains(asked));
    }
}
