package dev.steelyard.web.shop.settings;

import dev.steelyard.web.base.page.ShopperWords;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What is typed on a page is in the shop's currency, and written as its numbers are. Every page asks, so the database is not asked:
 * the page that says that it is away is one of them.
 */
@Component
class TypedInTheShop implements HandlerInterceptor, WebMvcConfigurer {

    private final Books books;

    TypedInTheShop(Books books) {
        this.books = books;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        BookInForce book = books.held();
        TypedNumbers.in(book == null ? null : ways(book.shop()));
        return true;
    }

    /** Shoppers write as their language does; owners, and who reads the language of the pages, as the shop does. */
    private static TypedNumbers.Ways ways(Shop shop) {
        boolean comma = shop.habits().decimalComma();
        return ShopperWords.now().language() == Language.ENGLISH
                ? new TypedNumbers.Ways(shop.currency(), comma, comma)
                : new TypedNumbers.Ways(shop.currency(), true, false);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        TypedNumbers.end();
    }
}
