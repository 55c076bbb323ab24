package dev.steelyard.web.shop.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Gives every page the name of who is signed in, and what they may; answers that are no pages cost nothing by it. */
@Component
class SignedIn implements HandlerInterceptor, WebMvcConfigurer {

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        if (page == null || page.getViewName() == null || page.getViewName().startsWith("redirect:")) {
            return;
        }
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        page.addObject("staffName", who != null && who.getPrincipal() instanceof StaffMember staff ? staff.name() : "");
        boolean keeps = false;
        boolean drafts = false;
        if (request.getAttribute(EndedSessions.RIGHTS) instanceof Set<?> rights) {
            page.addObject(ButtonsFilter.RIGHTS, rights);
            keeps = rights.contains(Right.KEEP);
            drafts = rights.contains(Right.DRAFT);
        }
        page.addObject("keepsTheShop", keeps);
        page.addObject("mayDraft", drafts);
        page.addObject("seesCosts", Allowed.toSeeCosts(request));
    }
}
