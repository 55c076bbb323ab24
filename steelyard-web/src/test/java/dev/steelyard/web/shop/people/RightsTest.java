package dev.steelyard.web.shop.people;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.testing.App;
import dev.steelyard.web.testing.Http;
import dev.steelyard.web.testing.Http.Answer;
import dev.steelyard.web.testing.WithApp;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What each right lets one do, held against every address there is. */
@ExtendWith(WithApp.class)
class RightsTest {

    private static final List<String> FOR_SHOPPERS = List.of(
            "/counter",
            "/api",
            "/payments",
            "/stand-in",
            "/begin",
            "/join",
            "/error",
            "/refused",
            "/sign-in",
            "/pictures/{");

    private App app;
    private Http jonas;

    @BeforeEach
    void signIn(App app, Http jonas) {
        this.app = app;
        this.jonas = jonas.signIn("jonas");
    }

    private void may(Right... rights) {
        app.sql()
                .sql("update staff set rights = ? where sign_in = 'jonas'")
                .param(Right.write(Set.of(rights)))
                .update();
    }

    /** Every address of owners that writes, with figures in place of what it is of. */
    private Stream<String> writing() {
        return app
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .filter(mapping -> mapping.getMethodsCondition().getMethods().contains(RequestMethod.POST))
                .flatMap(RightsTest::paths)
                .filter(path -> FOR_SHOPPERS.stream().noneMatch(path::startsWith));
    }

    private static Stream<String> paths(RequestMappingInfo mapping) {
        List<String> paths = new ArrayList<>();
        mapping.getPatternValues().forEach(pattern -> {
            for (String where : List.of("cards", "deals", "goods")) {
                paths.add(pattern.replaceAll("\\{where:[^}]*}", where)
                        .replaceAll("\\{what:[^}]*}", "pause")
                        .replaceAll("\\{(id|fingerprint)[^}]*}+", "1")
                        .replace("}", ""));
            }
        });
        return paths.stream().distinct();
    }

    @ParameterizedTest
    @EnumSource(names = {"DRAFT", "LIVE", "KEEP"})
    void everyAddressThatWritesIsHeldToItsRight(Right right) {
        may(EnumSet.complementOf(EnumSet.of(right)).toArray(new Right[0]));
        List<String> refused = writing()
                .filter(path -> RightsHeld.of("POST", path, "") == right)
                .toList();
        assertThat(refused).isNotEmpty();
        for (String path : refused) {
            Answer answer = jonas.post(path);
            assertThat(answer.status()).as(path).isEqualTo(403);
            assertThat(answer.text()).as(path).contains("it asks for the right to " + right.words());
        }
    }

    @Test
    void whoeverMayOnlyLookChangesNothingAtAll() {
        may(Right.LOOK);
        assertThat(writing().count()).isGreaterThan(60);
        writing()
                .filter(path -> !path.startsWith("/you"))
                .filter(path -> !Set.of("/goods/columns", "/goods/picked", "/goods/picked/out")
                        .contains(path))
                .forEach(path -> assertThat(jonas.post(path).status()).as(path).isEqualTo(403));
        assertThat(jonas.get("/shop/people").status()).isEqualTo(403);
        assertThat(jonas.post("/goods/1/edit", "do", "save").status()).isEqualTo(403);
    }

    @Test
    void whatOneMayNotPressIsNotShownAndWhatOneMayReadIs() {
        may(Right.LOOK);
        assertThat(jonas.get("/cards").body())
                .contains("Boat covers by area")
                .doesNotContain("New rate card")
                .doesNotContain("/remove\"");
        assertThat(jonas.get("/goods/1").body())
                .contains("value=\"6.90\"")
                .doesNotContain("Save, live at once")
                .containsPattern("name=\"/rows/0/value\"[^>]*disabled|disabled[^>]*name=\"/rows/0/value\"");
        assertThat(jonas.get("/shop/groups").body()).contains("Boatyard").doesNotContain(">take away<");
        assertThat(jonas.get("/shop").body()).doesNotContain("/shop/people");
        may(Right.DRAFT);
        assertThat(jonas.get("/goods/1").body())
                .doesNotContain("Save, live at once")
                .doesNotContainPattern("name=\"/rows/0/value\"[^>]*disabled");
        may(Right.DRAFT, Right.LIVE, Right.KEEP);
        assertThat(jonas.get("/goods/1").body()).contains("Save, live at once");
        assertThat(jonas.get("/shop").body()).contains("/shop/people");
    }
}
