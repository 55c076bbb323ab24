package dev.steelyard.web.base.page;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.core.Ordered;

/** Where a filter stands that answers what needs none of the others: behind the gate of a shop that has not begun. */
public final class BehindTheGate {

    private BehindTheGate() {}

    /** @param more kinds of dispatch it is passed in, besides plain requests */
    public static <F extends Filter> FilterRegistrationBean<F> put(F filter, DispatcherType... more) {
        FilterRegistrationBean<F> registration = new FilterRegistrationBean<>(filter);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
        registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, more));
        return registration;
    }
}
