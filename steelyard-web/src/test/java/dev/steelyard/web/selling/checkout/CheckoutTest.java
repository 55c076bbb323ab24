package dev.steelyard.web.selling.checkout;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class CheckoutTest {

    private static final String APPROVED = "5000 1111 2222 3331";
    private static final String DECLINED = "5000 1111 2222 3332";
    private static final String NO_ANSWER = "5000 1111 2222 3333";
    private static final String ANSWER_LOST = "5000 1111 2222 3334";

    @Test
    void anApprovedCardMakesAnOrderAndEmptiesTheBasket(App app, Http shopper) {
        Answer receipt = Buying.pay(shopper, checkout(shopper), APPROVED);
        assertThat(receipt.text()).contains("Thank you, Ada Quill", "card ending 3331", "30.00");
        assertThat(shopper.get("/counter/basket").text()).contains("Nothing in it yet");
        assertThat(app.sql()
                        .sql("select reckoning from order_line")
                        .query(String.class)
                        .single())
                .contains("\"code\":\"told.line\"", "\"count\":{\"count\":2},\"price\":{\"money\":\"15.00\"}");
    }

    @Test
    void aDeclinedCardMakesNoneAndAnotherCanBeTried(App app, Http shopper) {
        Answer form = checkout(shopper);
        Answer declined = Buying.pay(shopper, form, DECLINED);
        assertThat(declined.status()).isEqualTo(409);
        assertThat(declined.text()).contains("The card was declined. No money was taken. Try another card.");
        assertThat(declined.field("name")).isEqualTo("Ada Quill");
        assertThat(orders(app)).isZero();
        assertThat(Buying.pay(shopper, declined, APPROVED).text()).contains("Thank you");
        assertOneOrderOnePayment(app);
    }

    @Test
    void withoutAnAnswerPressingAgainFindsOutAndNobodyPaysTwice(App app, Http shopper) {
        Answer unanswered = Buying.pay(shopper, checkout(shopper), NO_ANSWER);
        assertThat(unanswered.text()).contains("did not answer in time").contains("you never pay twice");
        assertThat(orders(app)).isZero();
        assertThat(Buying.pay(shopper, unanswered, APPROVED).text()).contains("Thank you");
        assertOneOrderOnePayment(app);
    }

    @Test
    void aPaymentWhoseAnswerWasLostBecomesTheOrderAtTheNextPress(App app, Http shopper) {
        Answer lost = Buying.pay(shopper, checkout(shopper), ANSWER_LOST);
        assertThat(lost.text()).contains("did not answer in time");
        // whatever card is given now, the money was taken from the first
        Answer receipt = Buying.pay(shopper, lost, APPROVED);
        assertThat(receipt.text()).contains("Thank you", "card ending 3334");
        assertOneOrderOnePayment(app);
    }

    @Test
    void aPageSentTwiceIsOneOrder(App app, Http shopper) {
        Answer form = checkout(shopper);
        assertThat(Buying.pay(shopper, form, APPROVED).text()).contains("Thank you");
        assertThat(Buying.pay(shopper, form, APPROVED).text()).contains("Thank you");
        assertOneOrderOnePayment(app);
    }

    @Test
    void manyPressesAtOnceAreOneOrder(App app, Http shopper) throws Exception {
        Answer form = checkout(shopper);
        Callable<Answer> press = () -> Buying.pay(shopper, form, APPROVED);
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Answer> answers = new ArrayList<>();
        for (Future<Answer> one : many.invokeAll(java.util.Collections.nCopies(8, press))) {
            answers.add(one.get());
        }
        many.shutdown();
        assertThat(answers).allSatisfy(answer -> assertThat(answer.status()).isIn(200, 409));
        // the last word is the order, as the page's own next press would show
        assertThat(Buying.pay(shopper, form, APPROVED).text()).contains("Thank you");
        assertOneOrderOnePayment(app);
    }

    @Test
    void aPriceChangedMeanwhileIsSaidAndAskedNotCharged(App app, Http shopper) {
        Answer form = checkout(shopper);
        setBrushTo(app, "16.50");
        Answer asked = Buying.pay(shopper, form, APPROVED);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.text())
                .contains("have changed since you looked. Nothing was charged.")
                .contains("Deck brush: 2 × 15.00 = 30.00 is now 2 × 16.50 = 33.00")
                .contains("Order and pay 33.00");
        assertThat(orders(app)).isZero();
        assertThat(Buying.pay(shopper, asked, APPROVED).text()).contains("Thank you", "33.00");
    }

    @Test
    void aLaterChangeDoesNotTouchAnOrder(App app, Http shopper, Http owner) {
        Buying.pay(shopper, checkout(shopper), APPROVED);
        setBrushTo(app, "99");
        String number = app.sql()
                .sql("select number from shop_order")
                .query(String.class)
                .single();
        assertThat(owner.signIn("maren").get("/orders/" + number).text())
                .contains("2 × 15.00", "30.00", "Ada Quill")
                .doesNotContain("99.00", "198.00");
    }

    @Test
    void aFormThatCannotBeReadIsKeptWithEachFaultByItsField(App app, Http shopper) {
        Answer form = checkout(shopper);
        Answer wrong = shopper.post(
                "/counter/checkout",
                "key",
                form.field("key"),
                "seen",
                form.field("seen"),
                "name",
                " ",
                "email",
                "ada@",
                "card",
                "12");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text())
                .contains("Type your name")
                .contains("“ada@” is no e-mail address")
                .contains("A card number has 12 to 19 digits");
        assertThat(wrong.field("email")).isEqualTo("ada@");
        assertThat(wrong.field("key")).isEqualTo(form.field("key"));
        assertThat(orders(app)).isZero();
    }

    @Test
    void pricesThatWereNeverSeenAreNotCharged(App app, Http shopper) {
        Answer form = checkout(shopper);
        for (String forged : List.of("", "{}", "null", "[1", "{\"lines\":[],\"total\":\"0.01\"}")) {
            Answer answer = shopper.post(
                    "/counter/checkout",
                    "key",
                    form.field("key"),
                    "seen",
                    forged,
                    "name",
                    "Ada Quill",
                    "email",
                    "ada@example.org",
                    "card",
                    APPROVED);
            assertThat(answer.status()).as(forged).isEqualTo(409);
        }
        assertThat(orders(app)).isZero();
    }

    private static Answer checkout(Http shopper) {
        shopper.get("/counter/goods/BRU-1");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        return shopper.get("/counter/checkout");
    }

    private static void setBrushTo(App app, String shelfPrice) {
        GoodsStore goods = app.bean(GoodsStore.class);
        goods.save(
                new PriceEdit(
                        13,
                        null,
                        goods.find(13).orElseThrow().version(),
                        new BigDecimal(shelfPrice),
                        Over.LINE,
                        List.<Break>of()),
                "Maren");
    }

    private static void assertOneOrderOnePayment(App app) {
        assertThat(orders(app)).isEqualTo(1);
        assertThat(app.sql()
                        .sql("select count(*) from simulated_payment where state = 'APPROVED'")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }

    private static long orders(App app) {
        return app.sql()
                .sql("select count(*) from shop_order")
                .query(Long.class)
                .single();
    }
}
