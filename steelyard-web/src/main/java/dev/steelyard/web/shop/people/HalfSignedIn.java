package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;

/** Whoever has a second factor is not signed in by the password alone: the code is asked for first. */
final class HalfSignedIn extends SavedRequestAwareAuthenticationSuccessHandler {

    static final String CODE_PAGE = "/sign-in/code";
    private static final String WHO = "steelyard.half";

    private final SecondFactor factor;

    HalfSignedIn(SecondFactor factor) {
        this.factor = factor;
        setDefaultTargetUrl("/");
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication authentication)
            throws IOException, jakarta.servlet.ServletException {
        if (authentication.getPrincipal() instanceof StaffMember member && factor.isOn(member.id())) {
            halve(member, request, response);
            response.sendRedirect(request.getContextPath() + CODE_PAGE);
        } else {
            super.onAuthenticationSuccess(request, response, authentication);
        }
    }

    /** Takes the sign-in back, and remembers who was half way. */
    static void halve(StaffMember member, HttpServletRequest request, HttpServletResponse response) {
        SecurityContextHolder.clearContext();
        new HttpSessionSecurityContextRepository()
                .saveContext(SecurityContextHolder.createEmptyContext(), request, response);
        request.getSession().setAttribute(WHO, member);
    }

    /** Who is half way; none where nobody is. */
    static @Nullable StaffMember who(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? null : (StaffMember) session.getAttribute(WHO);
    }

    static void done(HttpServletRequest request) {
        request.getSession().removeAttribute(WHO);
    }
}
