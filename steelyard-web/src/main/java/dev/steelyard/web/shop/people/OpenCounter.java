package dev.steelyard.web.shop.people;

import dev.steelyard.web.book.Books;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;

/** Lets everybody to the counter, or, where the shop says so, only those who are signed in here. */
final class OpenCounter implements AuthorizationManager<RequestAuthorizationContext> {

    private final Books books;

    OpenCounter(Books books) {
        this.books = books;
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext context) {
        Authentication one = who.get();
        boolean isStaff = one != null && one.getPrincipal() instanceof StaffMember;
        return new AuthorizationDecision(
                isStaff || books.inForce().shop().habits().counterOpen());
    }
}
