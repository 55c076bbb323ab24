package dev.steelyard.web.shop;

import dev.steelyard.web.base.page.TypedNumbers;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What is typed on a page is in the shop's currency, and written as its numbers are. */
@Component
class TypedInTheShop implements HandlerInterceptor, WebMvcConfigurer {

    private final Shops shops;

    TypedInTheShop(Shops shops) {
        this.shops = shops;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        TypedNumbers.in(SingletonSupplier.ofNullable(() -> shops.exists() ? ways(shops.current()) : null));
        return true;
    }

    private static TypedNumbers.Ways ways(Shop shop) {
        return new TypedNumbers.Ways(shop.currency(), shop.habits().decimalComma());
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        TypedNumbers.end();
    }
}
