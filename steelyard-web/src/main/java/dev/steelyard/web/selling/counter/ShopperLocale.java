package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.ShopperRequest;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The language of a request: a shopper's at the counter, English on every other page. Every page asks, so the database is not
 * asked. What was picked on a page is kept for the next ones.
 */
@Component("localeResolver")
class ShopperLocale implements LocaleResolver, HandlerInterceptor, WebMvcConfigurer {

    private static final Duration KEPT = Duration.ofDays(365);

    private final ShopperLanguages languages;
    private final Books books;

    ShopperLocale(ShopperLanguages languages, Books books) {
        this.languages = languages;
        this.books = books;
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        BookInForce book = books.held();
        return book == null || !ShopperRequest.is(request)
                ? Locale.UK
                : Locale.forLanguageTag(
                        languages.of(request, book.shop().habits()).code());
    }

    @Override
    public void setLocale(HttpServletRequest request, @Nullable HttpServletResponse response, @Nullable Locale locale) {
        throw new UnsupportedOperationException("a language is picked by an address");
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/counter/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        BookInForce book = books.held();
        if (book != null) {
            languages
                    .picked(request, book.shop().habits())
                    .ifPresent(language -> response.addHeader(
                            HttpHeaders.SET_COOKIE,
                            ResponseCookie.from(ShopperLanguages.PICKED, language.code())
                                    .path("/counter")
                                    .httpOnly(true)
                                    .secure(request.isSecure())
                                    .sameSite("Lax")
                                    .maxAge(KEPT)
                                    .build()
                                    .toString()));
        }
        return true;
    }
}
