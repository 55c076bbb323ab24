package dev.steelyard.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a formula that is wrong is told: where, what, and what would mend it. */
class IssuesTest {

    private static final Scope SCOPE = Scope.inCurrency("EUR")
            .measurement("length", Unit.CM)
            .measurement("width", Unit.CM)
            .choice("mounting", List.of("bracket", "wall"))
            .rate("cloth", new BigDecimal("42"), Dimension.MONEY.per(Dimension.AREA))
            .rate("rope", new BigDecimal("2.35"), Dimension.MONEY.per(Dimension.LENGTH))
            .build();

    /** Parentheses around literals with units are no powers, whatever stands between and behind. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "3 EUR/m * (60 cm + 20 cm)",
                "3 EUR/m * (60 cm - 20 cm)",
                "(21.40 EUR * 1.19)",
                "(60 cm * 2) * 3 EUR/m",
                "(60 cm / 2) * 3 EUR/m",
                "(2 m)^2 * cloth",
                "IF((60 cm = 20 cm); 1 EUR; 2 EUR)",
                "IF((60 cm <> 20 cm); 1 EUR; 2 EUR)",
                "IF((60 cm < 20 cm); 1 EUR; 2 EUR)",
                "IF((60 cm <= 20 cm); 1 EUR; 2 EUR)",
                "IF((60 cm > 20 cm); 1 EUR; 2 EUR)",
                "IF((60 cm >= 20 cm); 1 EUR; 2 EUR)",
                "-(60 cm + 20 cm) * 3 EUR/m",
                "((60 cm + 20 cm)) * 3 EUR/m",
                "(60 cm + 20 cm)^2 * cloth",
                "2^2 * 3 EUR",
                "(2 m2) * cloth"
            })
    void literalsWithUnitsInParenthesesAreNoPowers(String text) {
        assertThat(issues(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 m^2 * cloth", "(2 m^2) * cloth", "(3 EUR ^ 2)", "1 EUR + 2 m^2 * cloth"})
    void aPowerRightBehindAUnitIsSaidOnce(String text) {
        assertThat(issues(text).stream()
                        .filter(issue -> issue.message().contains("power")
                                || issue.message().contains("raised")))
                .hasSize(1);
    }

    /** Each mended text is right: its replacement put in leaves no issue. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "width * length | 0-14 | “width * length” is an area. Multiply it by a rate such as ‘cloth’ (money per m²) to get a price | width * length * cloth",
                "width * length * cloth + 2 * (length + width) | 25-45 | “2 * (length + width)” is a length, the rest is money. Multiply it by a rate such as ‘rope’ (money per m) to get a price | 2 * (length + width) * rope",
                "length * rope + 35 | 16-18 | “35” is a plain number, the rest is money. Write it with the currency to make it a price | 35 EUR",
                "MAX(0; length * rope) | 4-5 | MAX takes numbers of one kind; this is money, the first is a plain number | 0 EUR",
                "MAX(length * rope; 10) | 19-21 | MAX takes numbers of one kind; this is a plain number, the first is money | 10 EUR",
                "lenght * rope | 0-6 | Nothing here is called “lenght”. Did you mean “length”? | length",
                "ROUNDD(2 EUR) | 0-6 | There is no function “ROUNDD”. Did you mean “ROUND”? | ROUND",
                "IF(mounting = \"braket\"; 1 EUR; 2 EUR) | 14-22 | “braket” is no option of “mounting”; it has bracket, wall | \"bracket\"",
                "IF(length > 8; 1 EUR; 2 EUR) | 12-13 | Only like can be compared: “length” is a length, “8” is a plain number | 8 cm",
                "2 m^2 * cloth | 0-5 | A unit has no power of its own; write 2 m2 | 2 m2",
                "2,5 * length * rope | 0-3 | “2,5” has a decimal comma; write a point | 2.5",
                "length × rope | 7-8 | “×” is written * | *",
                "2 CM * rope | 2-4 | There is no unit “CM”. Did you mean “cm”? | cm",
                "2 length * rope | 0-8 | Between “2” and “length” there must be an operator, such as * | 2 * length",
                "15 USD | 3-6 | The shop’s currency is EUR, not USD | EUR",
            })
    void saysWhereAndWhatAndOffersAMend(String text, String place, String message, String replacement) {
        Issue issue = issues(text).get(0);
        assertThat(issue.span().from() + "-" + issue.span().to()).isEqualTo(place);
        assertThat(issue.message()).isEqualTo(message);
        assertThat(issue.replacement()).isEqualTo(replacement);
        String mended = text.substring(0, issue.span().from())
                + replacement
                + text.substring(issue.span().to());
        assertThat(issues(mended)).as(mended).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | Type a formula",
                "= | Type a formula",
                "length * | The formula breaks off here; a number or a name is missing",
                "* 2 EUR | A number or a name is missing before “*”",
                "(1 EUR | This parenthesis is never closed",
                "1 EUR) | This parenthesis closes nothing",
                "1 EUR; 2 | “;” sets arguments of a function apart; there is none here",
                "MAX(1 EUR; 2 EUR, 3 EUR) | Arguments were set apart by “;” before; use one of ; and , throughout",
                "1e9 | Write the number in full; exponents are not read here",
                "1.2.3 EUR | “1.2.3” is not a number; write it like 6.90",
                "\"open | This text has no closing quote",
                "mounting | This comes to a text; it must be money",
                "1 = 1 | This comes to a yes or no; it must be money",
                "mounting + 1 EUR | This is a text, not a number",
                "IF(mounting < \"wall\"; 1 EUR; 2 EUR) | Texts are compared only by = and <>",
                "IF((1 = 1) = (2 = 2); 1 EUR; 2 EUR) | Conditions are joined by AND, OR and NOT, not compared",
                "IF(1; 1 EUR; 2 EUR) | IF asks a yes or no first; this is a plain number",
                "IF(1 = 1; 1 EUR; 2) | Both values of IF are of one kind; this is a plain number, the other is money",
                "IF(1 = 1; 1 EUR) | IF(condition; then; else) takes 3 arguments, not 2",
                "ROUND(length) * rope | ROUND takes a plain number or money; this is a length. Use CEILING or FLOOR with a step, such as 1 cm",
                "SQRT(length) | SQRT takes even powers of a unit, such as an area; this is a length",
                "length^pieces | The exponent of a length is written as a whole number from -99 to 99",
                "2^length | An exponent is a plain number; this is a length",
                "length + 1 kg | Only like can be added: “length” is a length, “1 kg” is a weight",
                "NOT(2) | NOT takes conditions; this is a plain number",
                "1 EUR 2 | Between “1 EUR” and “2” there must be an operator, such as *",
                "length # 2 | “#” has no meaning here",
            })
    void saysInPlainWordsWhatIsWrong(String text, String message) {
        assertThat(issues(text)).isNotEmpty();
        assertThat(issues(text).get(0).message()).isEqualTo(message);
    }

    /** What people write out of habit: one message, one mend, and with the mends put in it is right. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "length * width * 10 | 10 | 10 EUR/m2",
                "length * 10 | 10 | 10 EUR/m",
                "10 * pieces * length * 3 EUR per ft | 3 EUR per ft | 3 EUR/ft",
                "length * width * 10 EUR per ft2 | 10 EUR per ft2 | 10 EUR/ft2",
                "€10/ft2 * length * width | €10/ft2 | 10 EUR/ft2",
                "length * 1.018,50 € per metre | 1.018,50 € per metre | 1018.50 EUR/m",
                "length x width * cloth | x | *",
                "2(length + width) * rope | 2( | 2 * (",
                "(length + width)(1 + 1) * rope | )( | ) * (",
                "length (2 + 3) * rope | length ( | length * (",
                "(length + width * rope | (length + width | (length + width)",
                "length * 12,50 EUR/m | 12,50 EUR/m | 12.50 EUR/m",
                "length * 1.018,00 EUR/m | 1.018,00 EUR/m | 1018.00 EUR/m",
                "length * width * 10 EUR/m² | m² | m2",
                "length * width * 10 EUR/m^2 | m^2 | m2",
                "length * width * 10 EUR/sqm | sqm | m2",
            })
    void aHabitHasOneMessageAndItsMendIsRight(String text, String wrong, String mend) {
        assertThat(issues(text)).singleElement().satisfies(issue -> {
            assertThat(issue.span().of(text)).isEqualTo(wrong);
            assertThat(issue.replacement()).isEqualTo(mend);
            String mended = text.substring(0, issue.span().from())
                    + mend
                    + text.substring(issue.span().to());
            assertThat(issues(mended)).as(mended).isEmpty();
        });
    }

    @Test
    void anotherCurrencysSignIsNotGuessed() {
        assertThat(issues("$10 * pieces")).singleElement().satisfies(issue -> {
            assertThat(issue.message()).isEqualTo("The shop’s currency is EUR, not $");
            assertThat(issue.replacement()).isNull();
        });
    }

    @Test
    void whatStandsInQuotesIsNoHabit() {
        assertThat(issues("IF(mounting = \"2(a x b)\"; 1 EUR; 2 EUR)").get(0).message())
                .contains("no option of “mounting”");
    }

    @Test
    void controlCharactersAreNamedByTheirNumber() {
        assertThat(issues("1 EUR\u0007").get(0).message()).isEqualTo("The character U+0007 has no meaning here");
    }

    @Test
    void severalMistakesAreFoundAtOnceAndOneUnknownNameGivesOneMessage() {
        assertThat(issues("lenght * rope + MAX(widht; 2 m) * rope + 3"))
                .extracting(Issue::message)
                .containsExactly(
                        "Nothing here is called “lenght”. Did you mean “length”?",
                        "Nothing here is called “widht”. Did you mean “width”?");
        assertThat(issues("(1 + ) * 2 EUR + foo("))
                .hasSizeGreaterThanOrEqualTo(3)
                .isSortedAccordingTo(
                        java.util.Comparator.comparingInt(issue -> issue.span().from()));
    }

    @Test
    void anIssueShowsItsLineAndACaret() {
        assertThat(issues("2 CM * rope").get(0).show("2 CM * rope"))
                .isEqualTo("2 CM * rope\n  ^\nThere is no unit “CM”. Did you mean “cm”?");
    }

    private static List<Issue> issues(String text) {
        return Formula.prepare(text, SCOPE, Kind.MONEY).issues();
    }
}
