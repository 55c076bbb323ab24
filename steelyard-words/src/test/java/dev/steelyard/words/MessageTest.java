package dev.steelyard.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part.Type;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Messages said as ICU says them, which is held against: each of ours, with many sorts of figures. */
class MessageTest {

    private static final List<Long> COUNTS = List.of(0L, 1L, 2L, 11L, 1_234L, 1_000_000L);

    @ParameterizedTest
    @CsvSource({
        "ENGLISH, en",
        "ENGLISH, shop-en",
        "GERMAN, shop-de",
        "FRENCH, shop-fr",
        "DUTCH, shop-nl",
        "ENGLISH, pages-en",
        "GERMAN, pages-de",
        "FRENCH, pages-fr",
        "DUTCH, pages-nl"
    })
    void everyMessageOfOursIsSaidAsIcuSaysIt(Language language, String file) {
        Random random = new Random(20_270_301);
        Messages.read(file).forEach((key, pattern) -> {
            for (int i = 0; i < 20; i++) {
                Map<String, Object> told = told((String) pattern, random);
                assertThat(message((String) pattern, language).say(told::get))
                        .as("%s of %s with %s", key, file, told)
                        .isEqualTo(new MessageFormat((String) pattern, language.locale()).format(told));
            }
        });
    }

    private static Map<String, Object> told(String text, Random random) {
        Set<String> counted = counted(text);
        Map<String, Object> told = new HashMap<>();
        for (String name : MessagesTest.arguments(text)) {
            Object value = counted.contains(name) || random.nextInt(4) == 0
                    ? (Object) COUNTS.get(random.nextInt(COUNTS.size()))
                    : List.of("yes", "no", "", "it’s {6.90}", "l'été #1").get(random.nextInt(5));
            told.put(name, value);
        }
        return told;
    }

    private static Set<String> counted(String text) {
        MessagePattern pattern = new MessagePattern(text);
        Set<String> names = new HashSet<>();
        for (int i = 0; i < pattern.countParts(); i++) {
            if (pattern.getPartType(i) == Type.ARG_START && pattern.getPart(i).getArgType() == ArgType.PLURAL) {
                names.add(pattern.getSubstring(pattern.getPart(i + 1)));
            }
        }
        return names;
    }

    private static Message message(String pattern, Language language) {
        return new Message(pattern, language.locale(), new Numerals(language.locale()));
    }

    /** Pages give whatever kind of number they have. */
    @Test
    void numbersOfAnyKindAreSaidAsIcuSaysThem() {
        for (Object number : List.of(1, 2L, (short) 1_234, new BigDecimal("1234.5678"), new BigDecimal("0.5"), 2.25)) {
            for (String pattern : List.of("{n} left", "{n, plural, one {one} other {more}}")) {
                assertThat(message(pattern, Language.GERMAN).say(name -> number))
                        .as("%s with %s", pattern, number)
                        .isEqualTo(new MessageFormat(pattern, Language.GERMAN.locale()).format(Map.of("n", number)));
            }
        }
    }

    @Test
    void whatIsNotShownIsNotWorkedOut() {
        AtomicInteger asked = new AtomicInteger();
        Message message = message("{price}{hasNext, select, yes {, then {next}} other {}}", Language.ENGLISH);
        assertThat(message.say(name -> {
                    asked.addAndGet(name.equals("next") ? 1 : 0);
                    return name.equals("price") ? "6.90" : "no";
                }))
                .isEqualTo("6.90");
        assertThat(asked).hasValue(0);
    }

    @Test
    void aNameThatNothingIsToldOfStaysToBeSeen() {
        assertThat(message("{price} each", Language.ENGLISH).say(name -> null)).isEqualTo("{price} each");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{when, date}",
                "{count, number, percent}",
                "{at, selectordinal, one {#st} other {#th}}",
                "{count, plural, =0 {none} other {#}}",
                "{count, plural, offset:1 one {#} other {#}}",
                "{count, plural, one {#}}",
                "{open"
            })
    void whatIsNotUnderstoodIsRefusedWhenItIsRead(String pattern) {
        assertThatThrownBy(() -> message(pattern, Language.ENGLISH)).isInstanceOf(IllegalArgumentException.class);
    }
}
