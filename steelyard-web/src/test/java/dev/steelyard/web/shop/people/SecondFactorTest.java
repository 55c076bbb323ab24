package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.MadeCodes;
import dev.steelyard.web.testing.WithApp;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A second factor, with codes made as an authenticator program makes them; and one's own sessions. */
@ExtendWith(WithApp.class)
class SecondFactorTest {

    private App app;
    private Http maren;

    @BeforeEach
    void signIn(App app, Http browser) {
        this.app = app;
        this.maren = browser.signIn("maren");
    }

    /** Sets it up as somebody does: reads the letters from the page. @return what makes its codes */
    private MadeCodes setUp() {
        Answer page = maren.post("/you/factor/begin");
        String letters = Pattern.compile("id=\"secret\">([A-Z2-7 ]+)<")
                .matcher(page.body())
                .results()
                .findFirst()
                .orElseThrow()
                .group(1);
        MadeCodes codes = new MadeCodes(letters);
        assertThat(page.body()).contains("<svg class=\"qr\"");
        assertThat(maren.post("/you/factor/on", "code", "000000").text()).contains("This is not the code");

        Answer on = maren.post("/you/factor/on", "code", codes.code(Duration.ZERO));
        recovery = Pattern.compile("<code>([a-z2-9]{5}-[a-z2-9]{5})</code>")
                .matcher(on.body())
                .results()
                .map(found -> found.group(1))
                .toList();
        assertThat(recovery).hasSize(10);
        return codes;
    }

    private List<String> recovery = List.of();

    private Http half() {
        Http browser = new Http(app.url());
        browser.get("/sign-in");
        Answer asked = browser.post("/sign-in", "username", "maren", "password", "saltmarsh");
        assertThat(asked.text()).contains("Your password is right. Type the code");
        assertThat(browser.get("/cards").text())
                .as("not signed in by the password alone")
                .doesNotContain("Rate cards Deals Orders");
        return browser;
    }

    @Test
    void theCodeIsAskedForAfterThePasswordAndTakenOnce() {
        MadeCodes codes = setUp();
        Http browser = half();

        assertThat(browser.post("/sign-in/code", "code", "123456").text())
                .contains("This is not the code that counts now");
        String code = codes.code(Duration.ofSeconds(30));
        assertThat(browser.post("/sign-in/code", "code", code.substring(0, 3) + " " + code.substring(3))
                        .text())
                .contains("Maren");
        assertThat(browser.get("/cards").text()).contains("Rate cards");

        assertThat(half().post("/sign-in/code", "code", code).text())
                .as("the same once more")
                .contains("This is not the code");
    }

    @Test
    void aCodeOnPaperOpensOnceAndWrongOnesSlowDown() {
        setUp();
        assertThat(half().post("/sign-in/code", "code", recovery.get(3).toUpperCase(Locale.ROOT))
                        .text())
                .contains("Maren");
        Http browser = half();
        for (int i = 0; i < 5; i++) {
            assertThat(browser.post("/sign-in/code", "code", recovery.get(3)).status())
                    .isEqualTo(422);
        }
        assertThat(browser.post("/sign-in/code", "code", recovery.get(4)).status())
                .isEqualTo(429);
    }

    @Test
    void itIsTakenOffByThePasswordOrByWhoKeepsTheShop() {
        setUp();
        assertThat(maren.post("/you/factor/off", "old", "wrong").text()).contains("This is not your password");
        assertThat(maren.post("/you/factor/off", "old", "saltmarsh").text()).contains("Set it up");

        setUp();
        Http jonas = new Http(app.url()).signIn("jonas");
        assertThat(jonas.get("/shop/people").body()).contains("Take the second factor of Maren off");
        jonas.post("/shop/people", "do", "factor", "id", "1");
        assertThat(maren.get("/cards").text()).as("sessions end").doesNotContain("Rate cards Deals");
        assertThat(new Http(app.url()).signIn("maren").get("/cards").text()).contains("Rate cards");
        assertThat(jonas.get("/history?subject=people").text()).contains("second factor");
    }

    @Test
    void aSessionElsewhereIsSeenAndEnded() {
        Http other = new Http(app.url()).signIn("maren");
        other.get("/cards");
        Answer page = maren.get("/you");
        assertThat(page.text()).contains("Where you are signed in").contains("here");
        String end = Pattern.compile("action=\"(/you/sessions/\\d+/end)\"")
                .matcher(page.body())
                .results()
                .findFirst()
                .orElseThrow()
                .group(1);

        maren.post(end);
        assertThat(other.get("/cards").text()).doesNotContain("Rate cards Deals");
        assertThat(maren.get("/cards").text()).contains("Rate cards");
    }

    @Test
    void wrongOldPasswordsAreSlowedDown() {
        for (int i = 0; i < 5; i++) {
            maren.post("/you", "old", "wrong", "password", "a long new one 77", "again", "a long new one 77");
        }
        assertThat(maren.post("/you", "old", "saltmarsh", "password", "a long new one 77", "again", "a long new one 77")
                        .text())
                .contains("Too many wrong ones");
    }
}
