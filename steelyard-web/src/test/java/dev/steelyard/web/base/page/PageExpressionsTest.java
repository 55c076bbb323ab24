package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.thymeleaf.context.Context;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;

/** What pages ask comes to the same before Spring's compiler has been at it and after. */
class PageExpressionsTest {

    private static final int UNTIL_COMPILED = 150;

    /** Something a page shows. */
    public record Shown(String name, long pieces, List<String> tags, BigDecimal price) {

        public boolean has(String tag) {
            return tags.contains(tag);
        }

        public String said(String code, Object... parts) {
            return code + List.of(parts);
        }
    }

    private final SpringTemplateEngine engine = engine();

    private static SpringTemplateEngine engine() {
        SpringTemplateEngine made = new SpringTemplateEngine();
        made.setTemplateResolver(new StringTemplateResolver());
        return (SpringTemplateEngine) new PageDialect().postProcessAfterInitialization(made, "templateEngine");
    }

    private static Context given() {
        Context given = new Context(Locale.UK);
        given.setVariable(
                "shown", new Shown("Bow shackle", 12, List.of("steel", "deck & rail"), new BigDecimal("6.90")));
        given.setVariable("prices", Map.of("SHK-8", new BigDecimal("7.40")));
        given.setVariable("many", 3);
        given.setVariable("sku", "SHK-8");
        return given;
    }

    private String text(String expression, Context given) {
        return engine.process("<p th:text=\"" + expression + "\"></p>", given)
                .replace("<p>", "")
                .replace("</p>", "");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            value = {
                "${shown.name} ~ Bow shackle",
                "${shown.name()} ~ Bow shackle",
                "${shown.price} ~ 6.90",
                "${shown.tags[1]} ~ deck &amp; rail",
                "${shown.tags.size() == 2 ? 'two' : 'other'} ~ two",
                "${shown.has('steel') and !shown.tags.isEmpty()} ~ true",
                "${shown.said('add', 'pieces', shown.pieces)} ~ add[pieces, 12]",
                "${'from ' + shown.pieces} ~ from 12",
                "${shown.pieces + many} ~ 15",
                "${shown.pieces &gt; many} ~ true",
                "${prices['SHK-8']} ~ 7.40",
                "${nothing} ~ ''",
                "${nothing == null} ~ true",
                "${nothing ?: 'none'} ~ none",
                "|${many} of ${shown.pieces}| ~ 3 of 12",
                "${#strings.toLowerCase(shown.name)} ~ bow shackle"
            })
    void sameBeforeAndAfter(String expression, String expected) {
        for (int i = 0; i < UNTIL_COMPILED; i++) {
            assertThat(text(expression, given())).as("time " + i).isEqualTo(expected);
        }
    }

    /** What was compiled for one class is asked of another later; no decimal is cut down to a whole number. */
    @Test
    void ofWhateverStandsUnderTheName() {
        for (int i = 0; i < UNTIL_COMPILED; i++) {
            Context given = given();
            assertThat(text("${shown.name}", given)).isEqualTo("Bow shackle");
            assertThat(text("${many + 1}", given)).isEqualTo("4");
            assertThat(text("${many &gt; 2}", given)).isEqualTo("true");
            assertThat(text("${many == 2}", given)).isEqualTo("false");
        }
        Context other = new Context(Locale.UK);
        other.setVariable("shown", Map.of("name", "Dock line"));
        other.setVariable("many", new BigDecimal("2.5"));
        assertThat(text("${shown.name}", other)).isEqualTo("Dock line");
        assertThat(text("${many + 1}", other)).isEqualTo("3.5");
        assertThat(text("${many &gt; 2}", other)).isEqualTo("true");
        assertThat(text("${many == 2}", other)).isEqualTo("false");
        assertThat(text("${shown.name}", given())).isEqualTo("Bow shackle");
    }

    @Test
    void theCountOfALoop() {
        String list = engine.process(
                "<i th:each=\"tag, at : ${shown.tags}\" th:text=\"${at.count + '/' + at.size + tag}\"></i>", given());
        assertThat(list).isEqualTo("<i>1/2steel</i><i>2/2deck &amp; rail</i>");
    }

    /** Pages read what they are given, and reach nothing else. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "${T(java.lang.Runtime).getRuntime()}",
                "${new java.lang.String('made')}",
                "${shown.class.name}",
                "${shown.getClass()}",
                "${@environment}",
                "${many = 4}",
                "${shown.nmae}",
                "${shown.}"
            })
    void nothingElseIsReached(String expression) {
        assertThatThrownBy(() -> text(expression, given())).isInstanceOf(TemplateProcessingException.class);
    }
}
