package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.EOFException;
import java.lang.reflect.Proxy;
import java.sql.SQLNonTransientConnectionException;
import java.time.Duration;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.handler.HandlerExceptionResolverComposite;

/** Where the answer to an order does not come, because the books are away in that very moment. */
@ExtendWith(WithApp.class)
class LostAnswersTest {

    private static Answer form(Http shopper) {
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        return shopper.get("/counter/checkout");
    }

    @Test
    void theOrderIsFoundAgainByTheKeyOfItsCheckout(Http shopper) {
        Answer form = form(shopper);
        String key = form.field("key");
        Buying.pay(shopper, form);

        Answer found = shopper.get("/counter/checkout?key=" + key);

        assertThat(found.response().uri().getPath()).isEqualTo("/counter/orders/" + key);
        assertThat(found.text()).contains("Thank you");
    }

    @Test
    void oneThatWasNotPlacedGoesOnUnderTheSameKey(App app, Http shopper) {
        Answer form = form(shopper);
        Answer again = shopper.get("/counter/checkout?key=" + form.field("key"));
        assertThat(again.field("key")).isEqualTo(form.field("key"));

        Buying.pay(shopper, form);
        assertThat(Buying.pay(shopper, again).text()).contains("Thank you");
        assertThat(app.sql()
                        .sql("select count(*) from shop_order")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
        assertThat(form(shopper).field("key")).isNotEqualTo(form.field("key"));
    }

    @Test
    void aKeyThatSomebodyMadeUpIsNotTakenOnHereEither(Http shopper) {
        form(shopper);
        String made = "0123456789abcdef0123456789abcdef0123";
        assertThat(shopper.get("/counter/checkout?key=" + made).field("key")).isNotEqualTo(made);
    }

    private static ModelAndView resolved(App app, Exception failed) {
        HandlerExceptionResolver resolvers = app.bean(HandlerExceptionResolverComposite.class);
        return Objects.requireNonNullElse(
                resolvers.resolveException(of(HttpServletRequest.class), of(HttpServletResponse.class), null, failed),
                new ModelAndView("left to the last errors"));
    }

    /** Whose methods answer with nothing. */
    private static <T> T of(Class<T> type) {
        return type.cast(Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, (self, method, with) -> {
            Class<?> answer = method.getReturnType();
            return answer == boolean.class ? (Object) false : answer == int.class ? (Object) 200 : null;
        }));
    }

    /** The framework takes any end of a stream for a shopper who left, and would answer nothing, with status 200. */
    @Test
    void theEndOfTheDatabasesStreamIsNotTakenForAShopperWhoLeft(App app) {
        Exception commit = new TransactionSystemException(
                "commit",
                new SQLNonTransientConnectionException("Socket error", "08000", new EOFException("unexpected end")));
        assertThat(resolved(app, commit)).satisfies(page -> {
            assertThat(page.getViewName()).isEqualTo("page/away");
            assertThat(page.getStatus()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
        });
        assertThat(resolved(app, new IllegalStateException(new EOFException("of something else")))
                        .getViewName())
                .isEqualTo("left to the last errors");
    }

    @Test
    void whoeverWaitsForAPaymentIsWokenByItsAnswer() {
        PaymentAnswers answers = new PaymentAnswers();
        answers.expect("key/1");
        CompletableFuture<Void> waiting = CompletableFuture.runAsync(() -> answers.await("key/1", Duration.ofHours(1)));
        answers.came("key/1");
        waiting.join();
        answers.await("nobody's", Duration.ofHours(1));
    }
}
