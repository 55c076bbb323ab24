package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.text.DecimalFormatSymbols;
import java.text.NumberFormat;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Prices as programs write them in many languages (CLDR, by way of the JDK) are read as the numbers they are, or asked about. */
class NumbersOfLanguagesTest {

    private static final int PRICES = 3_000;

    static Stream<Locale> languages() {
        return Stream.of(
                        "en", "de", "fr", "nl", "de-CH", "fr-CH", "de-AT", "sv", "pl", "da", "it", "es", "pt", "fi",
                        "cs", "en-IE")
                .map(Locale::forLanguageTag);
    }

    private static boolean isComma(Locale language) {
        return DecimalFormatSymbols.getInstance(language).getDecimalSeparator() == ',';
    }

    private static NumberFormat twoDecimals(Locale language) {
        NumberFormat format = NumberFormat.getNumberInstance(language);
        format.setMinimumFractionDigits(2);
        return format;
    }

    private static BigDecimal price(Random random) {
        return new BigDecimal(BigInteger.valueOf(random.nextInt((int) Math.pow(10, 1 + random.nextInt(9)))), 2);
    }

    @ParameterizedTest
    @MethodSource("languages")
    void aPriceOfTwoDecimalsIsReadAsItIs(Locale language) {
        Random random = new Random(20_270_301);
        NumberFormat plain = twoDecimals(language);
        NumberFormat money = NumberFormat.getCurrencyInstance(language);
        money.setCurrency(Currency.getInstance("EUR"));
        for (int i = 0; i < PRICES; i++) {
            BigDecimal price = price(random);
            for (String text :
                    List.of(plain.format(price), money.format(price), "\u00a0" + plain.format(price) + "\u00a0€")) {
                assertThat(WrittenNumber.read(text, "EUR", isComma(language)).value())
                        .as("“%s” in %s", text, language)
                        .isEqualByComparingTo(price);
            }
        }
    }

    /** Whichever sign the shop has: two decimals leave no doubt. */
    @ParameterizedTest
    @MethodSource("languages")
    void theSignOfTheShopDoesNotMatterToAPriceOfTwoDecimals(Locale language) {
        Random random = new Random(20_270_302);
        NumberFormat plain = twoDecimals(language);
        for (int i = 0; i < PRICES; i++) {
            BigDecimal price = price(random);
            String text = plain.format(price);
            assertThat(WrittenNumber.read(text, "EUR", !isComma(language)).value())
                    .as("“%s” in %s", text, language)
                    .isEqualByComparingTo(price);
        }
    }

    /** A whole number of thousands may look like one with three decimals: then it is asked about, and never another number. */
    @ParameterizedTest
    @MethodSource("languages")
    void aWholeNumberIsReadOrAskedAboutButIsNeverAnother(Locale language) {
        Random random = new Random(20_270_303);
        NumberFormat whole = NumberFormat.getIntegerInstance(language);
        int read = 0;
        for (int i = 0; i < PRICES; i++) {
            BigDecimal number = BigDecimal.valueOf(random.nextInt((int) Math.pow(10, 1 + random.nextInt(9))));
            String text = whole.format(number);
            BigDecimal value =
                    WrittenNumber.read(text, "EUR", isComma(language)).value();
            if (value != null) {
                assertThat(value).as("“%s” in %s", text, language).isEqualByComparingTo(number);
                read++;
            } else {
                assertThat(number)
                        .as("“%s” in %s", text, language)
                        .isBetween(BigDecimal.valueOf(1_000), BigDecimal.valueOf(999_999));
            }
        }
        assertThat(read).isGreaterThan(PRICES / 2);
    }

    /** What a column tells of its sign is the sign it was written with. */
    @ParameterizedTest
    @MethodSource("languages")
    void aColumnOfPricesTellsItsSign(Locale language) {
        Random random = new Random(20_270_304);
        NumberFormat plain = twoDecimals(language);
        char sign = isComma(language) ? ',' : '.';
        for (int i = 0; i < PRICES; i++) {
            String text = plain.format(price(random));
            assertThat(WrittenNumber.decimalSign(text))
                    .as("“%s” in %s", text, language)
                    .isEqualTo(sign);
        }
    }
}
