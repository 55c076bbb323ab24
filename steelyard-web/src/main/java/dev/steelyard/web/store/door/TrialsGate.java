package dev.steelyard.web.store.door;

import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Trials cost work and tell nothing of the shop, so that the demo shop prices them for anybody. A shop of one's own does for
 * its owners, signed in, and for programs with a server key.
 */
@Component
class TrialsGate implements HandlerInterceptor, WebMvcConfigurer {

    private static final String TRIALS = "/api/v1/trials";

    private final KeyGate keys;
    private final boolean open;

    TrialsGate(KeyGate keys, @Value("${steelyard.trials.open:false}") boolean open) {
        this.keys = keys;
        this.open = open;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns(TRIALS);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        boolean isOwner = who != null && who.getPrincipal() instanceof StaffMember;
        if (!open && !isOwner && keys.admitted(request, response).isPage()) {
            throw new ProblemFound(
                    Problem.NO_RIGHT, "A page key is good for live prices only; trials need a server key");
        }
        return true;
    }
}
