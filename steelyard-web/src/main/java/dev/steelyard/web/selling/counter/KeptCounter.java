package dev.steelyard.web.selling.counter;

import dev.steelyard.web.base.page.AskedAgain;
import dev.steelyard.web.base.page.AskedAgain.Round;
import dev.steelyard.web.base.page.KeptPage;
import dev.steelyard.web.base.page.OurHosts;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.selling.announced.Reductions;
import dev.steelyard.web.shop.people.PageTokens;
import dev.steelyard.words.Language;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Goods and prices as whoever has nothing in a basket yet sees them. What is asked a second time within the same minute, of the
 * same book, is kept until either is over, since nothing a price goes by changes within: a shop that is talked of is asked the
 * same by thousands. Whoever brings a cookie that says more than a language goes the usual way.
 */
@Component
class KeptCounter {

    private static final Set<String> COOKIES_OF_ALL = Set.of("XSRF-TOKEN", ShopperLanguages.PICKED);
    private static final int LONGEST_QUERY = 500;
    private static final int MOST_KEPT = 500;

    private final OurHosts hosts;
    private final Books books;
    private final Reductions reductions;
    private final ShopperLanguages languages;
    private final Clock clock;
    private final PageTokens tokens = new PageTokens();
    private final AskedAgain<Asked, KeptPage> pages = new AskedAgain<>(MOST_KEPT);

    KeptCounter(OurHosts hosts, Books books, Reductions reductions, ShopperLanguages languages, Clock clock) {
        this.hosts = hosts;
        this.books = books;
        this.reductions = reductions;
        this.languages = languages;
        this.clock = clock;
    }

    /** What is asked for, as far as its answer goes by it. @param part whether without the head of a page */
    private record Asked(String path, @Nullable String query, boolean part, boolean secure, Language language) {}

    /** Answers from memory, or as the chain does. */
    void answer(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        BookInForce book = books.held();
        if (book == null || !isAnybodys(request, book)) {
            chain.doFilter(request, response);
            return;
        }
        Round<Asked, KeptPage> now = pages.round(book, reductions.state(), clock.instant());
        Asked asked = new Asked(
                request.getServletPath(),
                request.getQueryString(),
                request.getHeader("HX-Request") != null,
                request.isSecure(),
                languages.of(request, book.shop().habits()));
        KeptPage kept = now.kept(asked);
        if (kept != null) {
            kept.answer(request, response, tokens.next(request, response));
        } else if (now.again(asked)) {
            PageTokens.made(request, response, chain).ifPresent(page -> now.keep(asked, page));
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Whether everybody who asks this now is answered the same. */
    private boolean isAnybodys(HttpServletRequest request, BookInForce book) {
        if (!hosts.isPlain(request)) {
            return false;
        }
        String query = Objects.requireNonNullElse(request.getQueryString(), "");
        Cookie[] cookies = Objects.requireNonNullElse(request.getCookies(), new Cookie[0]);
        return query.length() <= LONGEST_QUERY
                && Arrays.stream(cookies).map(Cookie::getName).allMatch(COOKIES_OF_ALL::contains)
                && languages.picked(request, book.shop().habits()).isEmpty();
    }
}
