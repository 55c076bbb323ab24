package dev.steelyard.web.goods;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.Normalizer;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class SoldProductTest {

    /** As Unicode says what a mark is, of all signs there are. */
    @Test
    void namesAreFoldedWithoutMarksAndCase() {
        for (int sign = 0; sign <= Character.MAX_CODE_POINT; sign++) {
            if (Character.isDefined(sign) && Character.getType(sign) != Character.SURROGATE) {
                String text = "A" + Character.toString(sign) + "b";
                String bare = Normalizer.normalize(text, Normalizer.Form.NFKD).replaceAll("\\p{M}+", "");
                if (!SoldProduct.folded(text).equals(bare.toLowerCase(Locale.ROOT))) {
                    assertThat(SoldProduct.folded(text)).as("U+%X", sign).isEqualTo(bare.toLowerCase(Locale.ROOT));
                }
            }
        }
        assertThat(SoldProduct.folded("Dübel Nº 7 Å")).isEqualTo("dubel no 7 a");
    }
}
