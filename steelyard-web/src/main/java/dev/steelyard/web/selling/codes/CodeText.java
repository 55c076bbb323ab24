package dev.steelyard.web.selling.codes;

import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.DealChecks;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Codes as texts: made so that nobody guesses or misreads one, or read from what somebody pasted. */
final class CodeText {

    static final int MOST = 100_000;
    static final int LENGTH = 10;

    /** Without signs that are taken for others: 0 and O, 1 and I and L. */
    private static final String SIGNS = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";

    private static final Pattern CODE = Pattern.compile("[\\p{L}\\p{N}_-]{1," + DealChecks.LONGEST_CODE + "}");
    private static final SecureRandom RANDOM = new SecureRandom();

    private CodeText() {}

    /**
     * What came of reading.
     *
     * @param codes as they are compared, each once
     * @param wrong what is none, shortened
     */
    record Reading(List<String> codes, List<String> wrong) {}

    /** So many different ones, each of {@value #LENGTH} signs after a beginning. */
    static Set<String> made(int many, String beginning) {
        Set<String> made = new LinkedHashSet<>();
        while (made.size() < many) {
            StringBuilder code = new StringBuilder(Conditions.normal(beginning));
            for (int i = 0; i < LENGTH; i++) {
                code.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
            }
            made.add(code.toString());
        }
        return made;
    }

    /** Codes with spaces, commas, semicolons or ends of lines between. */
    static Reading read(String text) {
        Set<String> codes = new LinkedHashSet<>();
        List<String> wrong = new ArrayList<>();
        for (String part : text.split("[\\s\\p{Z}\\p{Cf},;\"]+")) {
            if (CODE.matcher(part).matches()) {
                codes.add(Conditions.normal(part));
            } else if (!part.isEmpty()) {
                wrong.add(
                        part.length() <= DealChecks.LONGEST_CODE
                                ? part
                                : part.substring(0, DealChecks.LONGEST_CODE) + "…");
            }
        }
        return new Reading(List.copyOf(codes), List.copyOf(wrong));
    }
}
