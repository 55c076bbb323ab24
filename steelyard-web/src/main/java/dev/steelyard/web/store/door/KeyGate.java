package dev.steelyard.web.store.door;

import dev.steelyard.web.api.Problem;
import dev.steelyard.web.api.ProblemFound;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.store.keys.Keys;
import dev.steelyard.web.store.keys.StoreKey;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.Method;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.CorsRegistry;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Lets calls through that their key has the right to. Asks no database. Pages anywhere may read the answers, since keys are
 * no cookies that a stranger's page could borrow; which pages a page key is good on is looked at here.
 */
@Component
class KeyGate implements HandlerInterceptor, WebMvcConfigurer {

    static final String KEY = "steelyard.key";
    private static final String CALLS = "/api/v1/**";
    private static final String BEARER = "Bearer ";
    private static final long PREFLIGHT_KEPT_SECONDS = 7_200;

    private final Keys keys;
    private final Rates rates;
    private final Books books;
    private final Clock clock;
    private final Map<Method, Optional<Needs>> needs = new ConcurrentHashMap<>();

    KeyGate(Keys keys, Rates rates, Books books, Clock clock) {
        this.keys = keys;
        this.rates = rates;
        this.books = books;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns(CALLS);
    }

    @Override
    public void addCorsMappings(CorsRegistry registry) {
        registry.addMapping(CALLS)
                .allowedOrigins("*")
                .allowedMethods(HttpMethod.GET.name(), HttpMethod.POST.name(), HttpMethod.PUT.name())
                .allowedHeaders("Authorization", "Content-Type", "Accept-Language", "If-None-Match", "Idempotency-Key")
                .exposedHeaders("ETag", "Retry-After", "RateLimit", "RateLimit-Policy", "Content-Language")
                .maxAge(PREFLIGHT_KEPT_SECONDS);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (!(handler instanceof HandlerMethod call)) {
            return true;
        }
        Needs needed = needs.computeIfAbsent(
                        call.getMethod(), method -> Optional.ofNullable(call.getMethodAnnotation(Needs.class)))
                .orElse(null);
        if (needed == null) {
            return true;
        }
        response.setHeader(HttpHeaders.CACHE_CONTROL, "private, no-cache");
        response.setHeader("X-Content-Type-Options", "nosniff");
        StoreKey key = admitted(request, response);
        mayDo(key, needed, request);
        request.setAttribute(KEY, key);
        return true;
    }

    /** The key that a call is made with, which is good and not used too often. */
    StoreKey admitted(HttpServletRequest request, HttpServletResponse response) {
        StoreKey key = key(request, response);
        rates.take(key, request, response);
        keys.used(key);
        return key;
    }

    private StoreKey key(HttpServletRequest request, HttpServletResponse response) {
        String sent = request.getHeader(HttpHeaders.AUTHORIZATION);
        if (sent == null || !sent.regionMatches(true, 0, BEARER, 0, BEARER.length())) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer realm=\"steelyard\"");
            throw new ProblemFound(
                    Problem.NO_KEY,
                    "Send a key as “Authorization: Bearer steelyard_server_…”; owners make them under Shop");
        }
        StoreKey key = keys.find(sent.substring(BEARER.length()).strip()).orElse(null);
        String fault = key == null
                ? "No key is written like this; look whether all of it was copied"
                : key.isTakenBack()
                        ? "The " + key.called() + " was taken back; ask the shop’s owner for another"
                        : key.until() != null && key.isOver(today())
                                ? "The last day of the " + key.called() + " was " + key.until()
                                : null;
        if (key == null || fault != null) {
            response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer realm=\"steelyard\", error=\"invalid_token\"");
            throw new ProblemFound(Problem.KEY_NOT_GOOD, String.valueOf(fault));
        }
        return key;
    }

    private LocalDate today() {
        BookInForce book = books.inForce();
        return LocalDate.now(clock.withZone(book.shop().zone()));
    }

    private static void mayDo(StoreKey key, Needs needed, HttpServletRequest request) {
        if (key.isPage()) {
            if (!needed.page()) {
                throw new ProblemFound(
                        Problem.NO_RIGHT,
                        "The " + key.called() + " is good for live prices only; this needs a server key");
            }
            String origin = request.getHeader(HttpHeaders.ORIGIN);
            if (origin == null || !key.origins().contains(origin)) {
                throw new ProblemFound(
                        Problem.OTHER_PAGE,
                        "The " + key.called() + " is not good on pages of " + (origin == null ? "no origin" : origin));
            }
        } else if (!needed.whatever() && !key.rights().contains(needed.value())) {
            throw new ProblemFound(
                    Problem.NO_RIGHT,
                    "The " + key.called() + " may not “" + needed.value().code() + "”, only “" + key.rightWords()
                            + "”");
        }
    }

    /** The key that a call which needs one was let through with. */
    static StoreKey of(HttpServletRequest request) {
        if (request.getAttribute(KEY) instanceof StoreKey key) {
            return key;
        }
        throw new IllegalStateException("this call asks for no key");
    }
}
