package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be a SKU, and that it says why where it cannot. */
class SkuTest {

    /** Signs of which texts are made below: those that are refused, those that only look odd, and plain ones. */
    private static final String SIGNS = "Ab9-._ +#&?=:@ü日/\\%;\t\n\u0000\u007f\u00a0";

    private static final Pattern ALLOWED = Pattern.compile("[^/\\\\%;\\p{Cntrl}]{1,64}");

    @ParameterizedTest
    @ValueSource(strings = {"SHK-8", "a", "ROPE 12 mm", "…", "..a", "&?=#", "Dübel-½", "日本", "A.B.C"})
    void mostTextsCan(String text) {
        assertThat(Sku.fault(text)).isNull();
        assertThat(new Sku(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", " SHK", "SHK ", "\tSHK", "SHK\n", "SHK\u2003"})
    void noneIsEmptyOrHasSpacesAround(String text) {
        assertThat(Sku.fault(text)).contains("1 to 64 characters and no spaces around it");
        assertThatThrownBy(() -> new Sku(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"A/B", "A\\B", "50%", "A;B", ".", "..", "..."})
    void whatNoAddressHoldsIsRefusedOfWhatIsNewAndKeptOfWhatIsThere(String text) {
        assertThat(Sku.fault(text)).contains("“" + text + "” cannot be a SKU: it stands in addresses");
        assertThat(new Sku(text).value()).isEqualTo(text);
    }

    @Test
    void itsLengthIsBounded() {
        assertThat(Sku.fault("S".repeat(64))).isNull();
        assertThat(Sku.fault("S".repeat(65))).contains("1 to 64 characters").hasSizeLessThan(200);
        assertThat(Sku.fault("S".repeat(100_000))).hasSizeLessThan(200);
    }

    @Test
    void controlCharactersAreRefused() {
        assertThat(Sku.fault("A\u0000B")).isEqualTo("a SKU has no control characters");
        assertThat(Sku.fault("A\u0085B")).isEqualTo("a SKU has no control characters");
    }

    @Test
    void anyTextIsTakenOrRefusedByTheSameRule() {
        Random random = new Random(20_270_301);
        int taken = 0;
        for (int i = 0; i < 50_000; i++) {
            StringBuilder made = new StringBuilder();
            for (int k = random.nextInt(8); k >= 0; k--) {
                made.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
            }
            String text = made.toString();
            boolean can = ALLOWED.matcher(text).matches()
                    && text.equals(text.strip())
                    && !text.chars().allMatch(sign -> sign == '.');
            assertThat(Sku.fault(text) == null).as("“%s”", text).isEqualTo(can);
            assertThat(Sku.faultOfNew(text) == null).as("“%s”, new", text).isEqualTo(can && text.indexOf('\u00a0') < 0);
            taken += can ? 1 : 0;
        }
        assertThat(taken).isGreaterThan(1_000);
    }

    @Test
    void itIsComparedByEveryLetterAndCase() {
        assertThat(new Sku("shk-8")).isNotEqualTo(new Sku("SHK-8"));
        assertThat(new Sku("Dübel")).isNotEqualTo(new Sku("Du\u0308bel"));
    }
}
