package dev.steelyard.web.selling.codes;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Buying;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.LiveCards;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists of codes, from the owner's page to the paid order. */
@ExtendWith(WithApp.class)
class CodesTest {

    private static final String FIVE_OFF =
            """
            {"name": "%s", "kind": "spend", "of": "basket", "value": "amount-off", "rows": [{"from": "0", "value": "5.00"}], %s}""";

    private static void deal(Http owner, String name, String condition) {
        String deal = owner.post("/deals/read", "json", FIVE_OFF.formatted(name, condition))
                .response()
                .uri()
                .getPath();
        LiveCards.putLive(owner, deal, owner.get(deal + "/live"), "when", "now");
    }

    private static String list(Http owner, String... fields) {
        Answer made = owner.post("/codes", fields);
        assertThat(made.status()).isEqualTo(200);
        return made.response().uri().getPath();
    }

    private static Http withTwoBrushes(App app) {
        Http shopper = new Http(app.url());
        shopper.get("/counter");
        shopper.post("/counter/basket/add", "sku", "BRU-1", "quantity", "2");
        return shopper;
    }

    private static Answer enter(Http shopper, String code) {
        return shopper.background("/counter/basket/code", "code", code);
    }

    private static long uses(App app) {
        return app.sql().sql("select count(*) from code_use").query(Long.class).single();
    }

    @Test
    void aCodeOfAListCountsOnceAndStandsWithItsOrder(App app, Http owner) {
        owner.signIn("maren");
        String list = list(owner, "name", "Letters", "uses", "1", "pasted", "letter-one\nLETTER-TWO");
        deal(owner, "Letter", "\"codeList\": \"Letters\"");

        Http shopper = withTwoBrushes(app);
        assertThat(enter(shopper, " Letter-One ").text())
                .contains("✓ LETTER-ONE Letter, 5.00 off", "To pay, EUR 25.00");
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).text()).contains("Thank you", "25.00");

        Http second = withTwoBrushes(app);
        assertThat(enter(second, "letter-one").text())
                .contains("LETTER-ONE does not count: it has been used", "To pay, EUR 30.00");
        assertThat(enter(second, "letter-two").text()).contains("To pay, EUR 25.00");

        assertThat(owner.get(list).text())
                .containsPattern("LETTER-ONE once SM-\\d+")
                .contains("used once");
        assertThat(owner.get(list + "/codes.csv").body())
                .contains("LETTER-ONE,1,SM-")
                .contains("LETTER-TWO,0,");
        assertThat(owner.get("/history?subject=codes").text()).contains("Maren made Letters");
    }

    /** Copied out of a mail, it brings spaces along that nobody sees. */
    @Test
    void aCodeCountsAsItStandsInTheMailItIsPastedFrom(App app, Http owner) {
        owner.signIn("maren");
        list(owner, "name", "Letters", "uses", "1", "pasted", "\u00a0LETTER-ONE\u200b\nLETTER-TWO");
        deal(owner, "Letter", "\"codeList\": \"Letters\"");
        assertThat(enter(withTwoBrushes(app), "\u00a0letter-one\u00a0").text())
                .contains("✓ LETTER-ONE Letter, 5.00 off");
        assertThat(enter(withTwoBrushes(app), "\u200bLetter-Two").text()).contains("✓ LETTER-TWO Letter, 5.00 off");
    }

    @Test
    void aDeclinedCardGivesTheCodeBack(App app, Http owner) {
        owner.signIn("maren");
        list(owner, "name", "Letters", "uses", "1", "pasted", "ONLY-ONE");
        deal(owner, "Letter", "\"codeList\": \"Letters\"");
        Http shopper = withTwoBrushes(app);
        enter(shopper, "only-one");
        Answer declined = Buying.pay(shopper, shopper.get("/counter/checkout"), "5000 1111 2222 3332");
        assertThat(declined.text()).contains("The card was declined");
        assertThat(uses(app)).isZero();
        assertThat(Buying.pay(shopper, declined).text()).contains("Thank you", "25.00");
        assertThat(uses(app)).isEqualTo(1);
    }

    @Test
    void oncePerCustomerGoesByTheirEmailAtTheCheckout(App app, Http owner) {
        owner.signIn("maren");
        list(owner, "name", "Club", "uses", "", "onceEach", "true", "pasted", "CLUB-2027");
        deal(owner, "Club", "\"codeList\": \"Club\"");
        Http shopper = withTwoBrushes(app);
        enter(shopper, "club-2027");
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).text()).contains("25.00");

        Http again = withTwoBrushes(app);
        assertThat(enter(again, "club-2027").text())
                .as("nobody knows yet who orders")
                .contains("To pay, EUR 25.00");
        Answer asked = Buying.pay(again, again.get("/counter/checkout"));
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.text())
                .contains("The code CLUB-2027 does not count: you have used it before")
                .contains("Order and pay 30.00");
        assertThat(Buying.pay(again, asked).text()).contains("Thank you", "30.00");
    }

    @Test
    void whatIsForAFirstOrderGoesByTheEmailAndSaysWhatChanges(App app, Http owner) {
        owner.signIn("maren");
        deal(owner, "Welcome", "\"firstOrder\": true");
        Http shopper = withTwoBrushes(app);
        assertThat(Buying.pay(shopper, shopper.get("/counter/checkout")).text()).contains("25.00");

        Http elsewhere = withTwoBrushes(app);
        Answer form = elsewhere.get("/counter/checkout");
        assertThat(form.text()).contains("Order and pay 25.00");
        Answer asked = Buying.pay(elsewhere, form);
        assertThat(asked.text())
                .contains("There are orders with this e-mail already, so what is for a first order does not count")
                .contains("Welcome, −5.00 no longer counts")
                .contains("Order and pay 30.00");
        assertThat(Buying.pay(elsewhere, asked).text()).contains("Thank you", "30.00");
    }

    @Test
    void ofCheckoutsThatRaceForTheLastUseOneGetsIt(App app, Http owner) throws Exception {
        owner.signIn("maren");
        list(owner, "name", "Last", "uses", "3", "pasted", "LAST-ONES");
        deal(owner, "Last", "\"codeList\": \"Last\"");
        List<Callable<Answer>> presses = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Http shopper = withTwoBrushes(app);
            enter(shopper, "last-ones");
            Answer form = shopper.get("/counter/checkout");
            presses.add(() -> Buying.order(shopper, form, "invoice", ""));
        }
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Answer> answers = new ArrayList<>();
        for (Future<Answer> one : many.invokeAll(presses)) {
            answers.add(one.get());
        }
        many.shutdown();
        assertThat(answers.stream().filter(answer -> answer.status() == 200)).hasSize(3);
        assertThat(answers.stream().filter(answer -> answer.status() == 409))
                .hasSize(5)
                .allSatisfy(answer -> assertThat(answer.text()).contains("it has been used"));
        assertThat(uses(app)).isEqualTo(3);
    }

    @Test
    void codesAreMadeSoManyThatNobodyGuesses(App app, Http owner) {
        owner.signIn("maren");
        String list = list(owner, "name", "Made", "uses", "1", "many", "250", "beginning", "tide-");
        assertThat(owner.get(list).text()).contains("250 codes, each once; used 0 times");
        assertThat(app.sql()
                        .sql("select code from promo_code")
                        .query(String.class)
                        .list())
                .hasSize(250)
                .doesNotHaveDuplicates()
                .allMatch(code -> code.matches("TIDE-[2-9A-HJKMNP-Z]{10}"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name      |            | A list has a name of at most 120 characters",
                "uses      | often      | “often” is not a number",
                "uses      | 0          | A whole number from 1 to 1000000, not 0",
                "many      | 100001     | A whole number from 1 to 100000, not 100001",
                "beginning | a b        | At most 30 letters, digits, - and _",
                "pasted    | one,t?wo   | These are no codes, which have letters, digits, - and _: t?wo",
            })
    void whatIsNoListIsSaidByTheField(String field, String value, String fault, Http owner) {
        owner.signIn("maren");
        List<String> fields = new ArrayList<>(List.of("name", "List", "uses", "1", "many", "10"));
        fields.addAll(List.of(field, value == null ? "" : value));
        int first = fields.indexOf(field);
        if (first < fields.size() - 2) {
            fields.subList(first, first + 2).clear();
        }
        Answer refused = owner.post("/codes", fields.toArray(String[]::new));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains(fault);
    }

    @Test
    void aCodeIsOfOneListAndMayBeTurnedOff(App app, Http owner) {
        owner.signIn("maren");
        String list = list(owner, "name", "First", "uses", "", "pasted", "ONE-ONLY");
        Answer twice = owner.post("/codes", "name", "Second", "uses", "", "pasted", "one-only");
        assertThat(twice.text()).contains("In another list already: ONE-ONLY");
        deal(owner, "First", "\"codeList\": \"First\"");
        String id =
                app.sql().sql("select id from promo_code").query(String.class).single();
        owner.post(list + "/turn", "code", id, "off", "true");
        assertThat(enter(withTwoBrushes(app), "one-only").text())
                .contains("ONE-ONLY does not count: it no longer counts");
    }
}
