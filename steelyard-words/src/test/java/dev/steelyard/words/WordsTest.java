package dev.steelyard.words;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.said.DealSays;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {

    private static final Part LENGTH = Part.name(new Wording("Length", "en", Map.of("de", "Länge", "fr", "Longueur")));

    @Test
    void aFactIsSaidInEachLanguageWithItsFigures() {
        Fact allowed = Fact.of(
                Refusal.BETWEEN,
                Part.number(new BigDecimal("0.5")),
                amount("1200", Unit.CM),
                amount("0.5", Unit.CM),
                Part.NONE);
        Fact small = Fact.of(Refusal.TOO_SMALL, LENGTH, amount("0.25", Unit.CM), Part.of(allowed));
        assertThat(Words.owners().say(small))
                .isEqualTo("Length is too small: 0.25 cm was given; it can be 0.5 to 1,200 cm, in steps of 0.5 cm");
        assertThat(say(Language.GERMAN, small))
                .isEqualTo(
                        "Länge ist zu klein: 0,25 cm eingegeben; möglich: 0,5 bis 1.200 cm, in Schritten von 0,5 cm");
        assertThat(say(Language.FRENCH, small))
                .isEqualTo(
                        "Longueur : trop petit, 0,25 cm indiqué ; possible : 0,5 à 1\u202f200 cm, par pas de 0,5 cm");
        assertThat(say(Language.DUTCH, small)) // the owner has not written it in Dutch
                .isEqualTo("Length is te klein: 0,25 cm ingevuld; mogelijk: 0,5 tot 1.200 cm, in stappen van 0,5 cm");
    }

    @Test
    void shoppersAreNotToldWhatOnlyTheShopKnows() {
        Fact worked = Fact.of(
                Told.WORKED,
                Part.of(Told.AS_CONDITION, Part.typed("width > 1 m")),
                new Part.Worked("IF(2 m > 1 m; 12.50 EUR; 0 EUR)", false));
        assertThat(Words.owners().say(worked)).isEqualTo("as width > 1 m: IF(2 m > 1 m; 12.50 EUR; 0 EUR)");
        assertThat(say(Language.ENGLISH, worked)).isEmpty();
        Fact plain = Fact.of(Told.WORKED, Part.NONE, new Part.Worked("5.23 m × 2.11 m", true));
        assertThat(say(Language.GERMAN, plain)).isEqualTo("5,23 m × 2,11 m");
        Part deal = new Part.Called("Q2 push B", Wording.of("Rope days"));
        Fact others =
                Fact.of(DealSays.OTHERS_TAKE_MORE, Part.all(Join.AND, List.of(deal)), money("5.35"), money("2.80"));
        assertThat(Words.owners().say(others)).isEqualTo("Q2 push B take off 5.35, this alone 2.80");
        assertThat(say(Language.ENGLISH, others)).isEqualTo("Rope days take off 5.35, this alone 2.80");
    }

    @Test
    void longNumbersAreShortenedForShoppersAndWholeForOwners() {
        Fact exact = Fact.of(Told.PERCENT_OF, Part.number(BigDecimal.TEN), money("324.771884"));
        assertThat(Words.owners().say(exact)).isEqualTo("10 % of 324.771884");
        assertThat(say(Language.DUTCH, exact)).isEqualTo("10 % van 324,7719");
    }

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, 1 piece, 2 pieces",
        "GERMAN, 1 Stück, 2 Stück",
        "FRENCH, 1 pièce, 2 pièces",
        "DUTCH, 1 stuk, 2 stuks"
    })
    void countsHaveTheNumberOfTheLanguage(Language language, String one, String two) {
        assertThat(Words.shoppers(language).text("pieces", "pieces", 1)).isEqualTo(one);
        assertThat(Words.shoppers(language).text("pieces", "pieces", 2)).isEqualTo(two);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ENGLISH | 1,362.50 | 30 November 2026 | Germany | 3 ft",
                "GERMAN | 1.362,50 | 30. November 2026 | Deutschland | 3 ft",
                "FRENCH | 1\u202f362,50 | 30 novembre 2026 | Allemagne | 3 pi",
                "DUTCH | 1.362,50 | 30 november 2026 | Duitsland | 3 ft",
            })
    void numbersDaysCountriesAndUnitsAreWrittenAsTheLanguageDoes(
            Language language, String number, String day, String country, String amount) {
        Words words = Words.shoppers(language);
        assertThat(words.number(new BigDecimal("1362.5"), 2)).isEqualTo(number);
        assertThat(words.day(LocalDate.of(2026, 11, 30))).isEqualTo(day);
        assertThat(words.country("DE")).isEqualTo(country);
        assertThat(words.amount(new BigDecimal("3"), Unit.FT)).isEqualTo(amount);
    }

    @Test
    void ownersReadMomentsAsAllTheirPagesHaveThem() {
        assertThat(Words.owners().moment(LocalDateTime.of(2026, 11, 3, 9, 12))).isEqualTo("3 November 2026, 09:12");
    }

    @Test
    void aFindingIsASentence() {
        Fact found = Fact.of(
                FindingSays.FOUND,
                Part.day(LocalDate.of(2027, 5, 1)),
                Part.name("Boatyard"),
                Part.of(FindingSays.RISES, Part.NONE, Part.count(10), money("8.50"), money("8.00")));
        assertThat(Words.owners().sentence(found))
                .isEqualTo("As of 1 May 2027: Boatyard: from 10 a piece costs 8.50, more than the 8.00 before");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "de-DE,de;q=0.9,en;q=0.8 | GERMAN",
                "pt,fr;q=0.5 | FRENCH",
                "nl-BE | DUTCH",
                "pt-BR | ENGLISH",
                "'' | ENGLISH",
                ";;;=q | ENGLISH",
                "* | ENGLISH",
            })
    void theLanguageWantedMostIsTaken(String header, Language language) {
        assertThat(Language.wanted(header, List.of(Language.values()))).isEqualTo(language);
        assertThat(Language.wanted(header, List.of(Language.FRENCH))).isEqualTo(Language.FRENCH);
    }

    @ParameterizedTest
    @CsvSource({"DE, GERMAN", "AT, GERMAN", "FR, FRENCH", "NL, DUTCH", "GB, ENGLISH", "JP, ENGLISH"})
    void aCountrysLanguageIsProposed(String country, Language language) {
        assertThat(Language.spokenIn(country)).isEqualTo(language);
    }

    private static String say(Language language, Fact fact) {
        return Words.shoppers(language).say(fact);
    }

    private static Part amount(String value, Unit unit) {
        return Part.amount(new BigDecimal(value), unit);
    }

    private static Part money(String value) {
        return Part.money(new BigDecimal(value));
    }
}
