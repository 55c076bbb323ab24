package dev.steelyard.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A message in ICU's format, taken apart by ICU once: text, names, and of its kinds of arguments {@code select} and
 * {@code plural}. ICU's own must be locked while it speaks, and is given everything beforehand; this asks for what it shows.
 * Safe to share between threads.
 *
 * @see <a href="https://unicode-org.github.io/icu/userguide/format_parse/messages/">ICU: formatting messages</a>
 */
final class Message {

    /** As ICU writes a number that a message says nothing else of. */
    private static final int MOST_DECIMALS = 3;

    /** What a message may name: a number, else a text; none where there is nothing of the name. */
    interface Told {
        @Nullable
        Object of(String name);
    }

    private interface Piece {
        /** @param counted the number of the plural that this stands in */
        void say(Told told, long counted, StringBuilder to);
    }

    private final MessagePattern pattern;
    private final Numerals numerals;
    private final PluralRules plurals;
    private final List<Piece> pieces;

    /** @throws IllegalArgumentException where the pattern cannot be read, or has other kinds of arguments */
    Message(String text, ULocale locale, Numerals numerals) {
        this.pattern = new MessagePattern(text);
        this.numerals = numerals;
        this.plurals = PluralRules.forLocale(locale);
        this.pieces = read(0);
    }

    String say(Told told) {
        StringBuilder to = new StringBuilder();
        say(pieces, told, 0, to);
        return to.toString();
    }

    private static void say(List<Piece> pieces, Told told, long counted, StringBuilder to) {
        for (Piece piece : pieces) {
            piece.say(told, counted, to);
        }
    }

    /** @param start where a message begins, or one within it */
    private List<Piece> read(int start) {
        List<Piece> found = new ArrayList<>();
        int from = pattern.getPart(start).getLimit();
        int limit = pattern.getLimitPartIndex(start);
        for (int i = start + 1; i <= limit; i++) {
            Part part = pattern.getPart(i);
            String text = pattern.getPatternString().substring(from, part.getIndex());
            if (!text.isEmpty()) {
                found.add((told, counted, to) -> to.append(text));
            }
            from = part.getLimit();
            if (part.getType() == Part.Type.REPLACE_NUMBER) {
                found.add((told, counted, to) -> to.append(numerals.write(counted)));
            } else if (part.getType() == Part.Type.ARG_START) {
                found.add(argument(i));
                i = pattern.getLimitPartIndex(i);
                from = pattern.getPart(i).getLimit();
            }
        }
        return List.copyOf(found);
    }

    private Piece argument(int start) {
        ArgType kind = pattern.getPart(start).getArgType();
        String name = pattern.getSubstring(pattern.getPart(start + 1));
        return switch (kind) {
            case NONE -> (told, counted, to) -> to.append(written(name, told.of(name)));
            case SELECT -> {
                Map<String, List<Piece>> ways = ways(start + 2);
                yield (told, counted, to) -> say(way(ways, String.valueOf(told.of(name))), told, counted, to);
            }
            case PLURAL -> {
                Map<String, List<Piece>> ways = ways(start + 2);
                yield (told, counted, to) -> {
                    long number = told.of(name) instanceof Number counts ? counts.longValue() : 0;
                    say(way(ways, plurals.select(number)), told, number, to);
                };
            }
            default -> throw new IllegalArgumentException(
                    "messages have text, names, select and plural, not " + kind + ": " + pattern.getPatternString());
        };
    }

    /** Messages within one, by what picks them. */
    private Map<String, List<Piece>> ways(int first) {
        Map<String, List<Piece>> ways = new HashMap<>();
        int i = first;
        while (pattern.getPartType(i) == Part.Type.ARG_SELECTOR) {
            if (pattern.getPartType(i + 1) != Part.Type.MSG_START) {
                break;
            }
            ways.put(pattern.getSubstring(pattern.getPart(i)), read(i + 1));
            i = pattern.getLimitPartIndex(i + 1) + 1;
        }
        if (pattern.getPartType(i) != Part.Type.ARG_LIMIT) {
            throw new IllegalArgumentException(
                    "a plural has neither an offset nor ways for one number: " + pattern.getPatternString());
        }
        return Map.copyOf(ways);
    }

    private static List<Piece> way(Map<String, List<Piece>> ways, String wanted) {
        List<Piece> found = ways.get(wanted);
        return found == null ? ways.getOrDefault("other", List.of()) : found;
    }

    private String written(String name, @Nullable Object value) {
        if (value instanceof Number number) {
            BigDecimal exact = new BigDecimal(number.toString());
            return numerals.write(
                    exact.scale() > MOST_DECIMALS ? exact.setScale(MOST_DECIMALS, RoundingMode.HALF_EVEN) : exact, 0);
        }
        return value == null ? "{" + name + "}" : value.toString();
    }
}
