package dev.steelyard.web.selling.counter;

import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.ShopHabits;
import dev.steelyard.words.Language;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.WebUtils;

/**
 * Which language a shopper reads: the one picked on this page, else the one picked before, else the first of the browser's that
 * the shop has turned on (RFC 9110, 12.5.4), else the shop's own.
 */
@Component
class ShopperLanguages {

    /** The field by which a language is picked. */
    static final String PICKED = "lang";

    /**
     * A language that is offered.
     *
     * @param address of this page in it
     * @param current whether it is the one that is read
     */
    record Offered(String code, String title, String address, boolean current) {}

    /** The language of a request in a shop. */
    Language of(HttpServletRequest request, ShopHabits habits) {
        return picked(request, habits)
                .or(() -> kept(request, habits))
                .orElseGet(() -> Language.wanted(request.getHeader(HttpHeaders.ACCEPT_LANGUAGE), habits.languages()));
    }

    /** What was picked on this page, if the shop has it. */
    Optional<Language> picked(HttpServletRequest request, ShopHabits habits) {
        return one(request.getParameter(PICKED), habits);
    }

    private static Optional<Language> kept(HttpServletRequest request, ShopHabits habits) {
        Cookie cookie = WebUtils.getCookie(request, PICKED);
        return cookie == null ? Optional.empty() : one(cookie.getValue(), habits);
    }

    private static Optional<Language> one(@Nullable String code, ShopHabits habits) {
        return code == null ? Optional.empty() : Language.of(code).filter(habits.languages()::contains);
    }

    /** The languages of a shop with this page's address in each; empty where there is but one. */
    List<Offered> offered(HttpServletRequest request, Shop shop) {
        List<Language> all = shop.habits().languages();
        if (all.size() == 1) {
            return List.of();
        }
        boolean shown = request.getMethod().equals("GET");
        Language current = of(request, shop.habits());
        return all.stream()
                .map(language -> new Offered(
                        language.code(), language.title(), address(request, shown, language), language == current))
                .toList();
    }

    /** Another way to this page; to the list of goods from one that answers what was sent. */
    private static String address(HttpServletRequest request, boolean shown, Language language) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(shown ? request.getRequestURI() : "/counter");
        if (shown && request.getQueryString() != null) {
            address.query(request.getQueryString());
        }
        return address.replaceQueryParam(PICKED, language.code()).build(true).toUriString();
    }
}
