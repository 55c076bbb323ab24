package dev.steelyard.web.selling.counter;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.web.selling.shown.TypedAnswers;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** What a product page's form says. */
class TypedTest {

    @Test
    void aLotThatIsPickedIsTheQuantityUntilAnotherIsTyped() {
        assertThat(read("quantity", "1", "was", "1", "pick", "3").quantity()).isEqualTo("3");
        assertThat(read("quantity", "5", "was", "1", "pick", "3").quantity()).isEqualTo("5");
        assertThat(read("quantity", "2", "was", "2").quantity()).isEqualTo("2");
        assertThat(read().quantity()).isEqualTo("1");
        assertThat(read("quantity", "").quantity()).isEmpty();
    }

    @Test
    void onlyAnswersAreKeptAndNotMoreThanAFormHas() {
        MultiValueMap<String, String> form = form("a.length", "5", "u.length", "m", "_csrf", "x", "nonsense", "y");
        for (int i = 0; i < 500; i++) {
            form.add("a.more" + i, "1");
        }
        form.add("a." + "n".repeat(300), "1");
        Typed typed = Typed.read("COVER", form);
        assertThat(typed.answers().fields()).containsEntry("a.length", "5").containsEntry("u.length", "m");
        assertThat(typed.answers().fields()).hasSizeLessThanOrEqualTo(100);
        assertThat(read("a.length", "9".repeat(500)).answers().answer("length")).hasSize(200);
    }

    @Test
    void theVariantOfTheFirstPieceNamesTheLine() {
        Typed typed = read("v.1", "FLAGS-N", "v.2", "FLAGS-C", "v.4", "FLAGS-P");
        assertThat(typed.sku()).isEqualTo("FLAGS-N");
        assertThat(typed.variants()).containsExactly("FLAGS-N", "FLAGS-C");
        assertThat(Typed.forPieces(typed.variants(), 4)).containsExactly("FLAGS-N", "FLAGS-C", "FLAGS-C", "FLAGS-C");
        assertThat(Typed.forPieces(typed.variants(), 1)).containsExactly("FLAGS-N");
        assertThat(Typed.forPieces(List.of("A"), 5000)).hasSize(Typed.MOST_PICKED);
        assertThat(Typed.forPieces(List.of(), 5)).isEmpty();
    }

    @Test
    void theFormGoesBackAsItCame() {
        Typed typed = read("sent", "yes", "quantity", "2", "a.length", "5", "pack", "10 kg", "v.1", "A");
        assertThat(Typed.read("A", typed.form())).isEqualTo(typed);
        assertThat(typed.sent()).isTrue();
        assertThat(read().sent()).isFalse();
        assertThat(new TypedAnswers(typed.answers().fields(), "")
                        .only(List.of("width"))
                        .fields())
                .isEmpty();
    }

    private static Typed read(String... namesAndValues) {
        return Typed.read("COVER", form(namesAndValues));
    }

    private static MultiValueMap<String, String> form(String... namesAndValues) {
        MultiValueMap<String, String> form = new LinkedMultiValueMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            form.add(namesAndValues[i], namesAndValues[i + 1]);
        }
        return form;
    }
}
