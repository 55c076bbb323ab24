package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(WithApp.class)
class PeopleTest {

    private static final Pattern LINK = Pattern.compile("/join/[\\w-]+");
    private static final String PASSWORD = "a long walk home";

    private App app;
    private Http owner;

    @BeforeEach
    void signIn(App app, Http owner) {
        this.app = app;
        this.owner = owner.signIn("maren");
    }

    private static String link(Answer page) {
        Matcher link = LINK.matcher(page.body());
        assertThat(link.find()).as(page.text()).isTrue();
        return link.group();
    }

    private String id(String signIn) {
        return app.sql()
                .sql("select id from staff where sign_in = ?")
                .param(signIn)
                .query(String.class)
                .single();
    }

    @Test
    void somebodyIsInvitedByALinkThatWorksOnce() {
        String link = link(owner.post("/shop/people", "do", "invite", "name", "Ada Quill", "right", "DRAFT"));
        Http ada = new Http(app.url());
        assertThat(ada.get(link).text()).contains("Welcome, Ada Quill");
        assertThat(ada.post(link, "signIn", "maren", "password", PASSWORD, "again", PASSWORD)
                        .text())
                .contains("“maren” is the sign-in of somebody else");
        assertThat(ada.post(link, "signIn", "ada q", "password", "short", "again", "")
                        .text())
                .contains("without spaces")
                .contains("at least 12 characters");
        assertThat(ada.post(link, "signIn", "ada", "password", PASSWORD, "again", PASSWORD)
                        .text())
                .as("signed in at once")
                .contains("Today");
        assertThat(ada.get("/shop/people").status()).isEqualTo(403);
        assertThat(new Http(app.url()).get(link).text()).contains("Not good any more");
        assertThat(owner.get("/history?subject=people").text()).contains("Maren made Ada Quill");
    }

    @Test
    void aLinkThatIsOldIsNotGood() {
        String link = link(owner.post("/shop/people", "do", "invite", "name", "Ada"));
        app.sql()
                .sql("update invitation set made_at = utc_timestamp() - interval 73 hour")
                .update();
        assertThat(new Http(app.url()).get(link).text()).contains("Not good any more");
    }

    @Test
    void aNewPasswordIsTakenByALinkAndAllSessionsEnd() {
        Http jonas = new Http(app.url()).signIn("jonas");
        String link = link(owner.post("/shop/people", "do", "reset", "id", id("jonas")));
        assertThat(jonas.get("/today").text()).as("signed out").contains("Password");
        Http again = new Http(app.url());
        assertThat(again.get(link).text()).contains("Welcome, Jonas").doesNotContain("Name to sign in with");
        again.post(link, "password", PASSWORD, "again", PASSWORD);
        assertThat(again.get("/today").text()).contains("Jonas");
    }

    @Test
    void somebodyAlwaysKeepsTheShop() {
        owner.post("/shop/people", "do", "allow", "id", id("jonas"), "right", "DRAFT");
        Answer refused = owner.post("/shop/people", "do", "remove", "id", id("maren"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("Somebody keeps the shop: give that right to another person first");
        assertThat(owner.post("/shop/people", "do", "allow", "id", id("maren"), "right", "LIVE")
                        .status())
                .isEqualTo(422);
        owner.post("/shop/people", "do", "remove", "id", id("jonas"));
        assertThat(owner.get("/shop/people").text()).doesNotContain("Jonas");
    }

    @Test
    void ofTwoOwnersWhoDemoteEachOtherAtOnceOneStays() {
        Http jonas = new Http(app.url()).signIn("jonas");
        String marensId = id("maren");
        String jonasId = id("jonas");
        List<CompletableFuture<Answer>> both = List.of(
                CompletableFuture.supplyAsync(
                        () -> owner.post("/shop/people", "do", "allow", "id", jonasId, "right", "DRAFT")),
                CompletableFuture.supplyAsync(
                        () -> jonas.post("/shop/people", "do", "allow", "id", marensId, "right", "DRAFT")));
        both.forEach(CompletableFuture::join);
        assertThat(app.sql()
                        .sql("select count(*) from staff where rights like '%KEEP%'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void onesOwnPasswordIsChangedAndSessionsElsewhereEnd() {
        Http elsewhere = new Http(app.url()).signIn("maren");
        assertThat(owner.post("/you", "old", "wrong", "password", PASSWORD, "again", PASSWORD)
                        .text())
                .contains("This is not your password");
        assertThat(owner.post("/you", "old", "saltmarsh", "password", "maren1234567", "again", "maren1234567")
                        .text())
                .contains("Saved. You are signed out everywhere else.");
        assertThat(owner.get("/today").text()).contains("Today");
        assertThat(elsewhere.get("/today").text()).contains("Password");
    }
}
