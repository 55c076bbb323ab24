package dev.steelyard.web.start.demo;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.pricing.OrderLine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * What is put into the made-up baskets. Shackles gather at ten, where a break is, and at 20, short of the one at 25, which so
 * does little; brushes at four and five, short of six.
 */
final class DemoPicks {

    private static final int[] SHACKLES = {1, 2, 2, 4, 4, 6, 8, 8, 9, 10, 10, 10, 12, 12, 16, 20, 20, 20, 22, 24, 25};
    private static final int[] YARD_SHACKLES = {10, 20, 40, 50, 80, 90, 100, 100, 120};
    private static final int[] SCREWS = {20, 40, 50, 80, 90, 100, 100, 150, 200, 250, 400, 450, 500, 1000, 2000};
    private static final int[] BRUSHES = {1, 1, 1, 1, 2, 2, 4, 4, 5, 5, 5, 6};
    private static final int[] TRAYS = {1, 1, 2, 3, 4, 4, 5, 6, 8, 9, 12};
    private static final int[] SETS = {1, 1, 1, 1, 2, 3};
    private static final int[] BARS = {1, 1, 2, 4, 5, 8, 9, 10, 10, 12, 20};
    private static final String[] ROPE = {
        "5", "8", "10", "12.5", "15", "15", "18", "18.5", "20", "25", "40", "60", "95", "110"
    };
    private static final String[] CHAIN = {"5", "8", "10", "12", "20", "25", "30", "30", "40", "50"};
    private static final String[] PACKS = {"5 kg", "10 kg", "10 kg", "25 kg"};

    /** Of a hundred baskets, about how often each is in one, by the season. */
    private static final List<String> SPRING =
            List.of("PAINT", "PAINT", "PAINT", "SHK", "SHK", "ROPE", "ROPE", "SCR", "TRAY", "BRUSH", "BRUSH", "BRASS");

    private static final List<String> SUMMER =
            List.of("SHK", "SHK", "SHK", "ROPE", "ROPE", "CHAIN", "FLAGS", "BRUSH", "CUSHION", "SCR", "WINDOW", "LEAD");
    private static final List<String> WINTER = List.of(
            "COVER", "COVER", "COVER", "CUSHION", "CUSHION", "WINDOW", "SCR", "SCR", "TRAY", "BRASS", "SHK", "LEAD");

    private final Random random;

    DemoPicks(Random random) {
        this.random = random;
    }

    /** @param month from 1 */
    OrderLine any(int month, @Nullable String group) {
        List<String> season = month >= 3 && month <= 5 ? SPRING : month >= 6 && month <= 9 ? SUMMER : WINTER;
        return line(season.get(random.nextInt(season.size())), group);
    }

    private OrderLine line(String goods, @Nullable String group) {
        boolean yard = "Boatyard".equals(group);
        return switch (goods) {
            case "SHK" -> new OrderLine(
                    new Sku(List.of("SHK-6", "SHK-8", "SHK-8", "SHK-10").get(random.nextInt(4))),
                    of(yard ? YARD_SHACKLES : SHACKLES));
            case "SCR" -> new OrderLine(new Sku("SCR-4x40"), of(SCREWS));
            case "BRUSH" -> new OrderLine(new Sku("BRU-1"), of(BRUSHES));
            case "TRAY" -> new OrderLine(new Sku("TRAY-W"), of(TRAYS));
            case "FLAGS" -> new OrderLine(
                    new Sku(List.of("FLAGS-C", "FLAGS-P", "FLAGS-N").get(random.nextInt(3))), of(SETS));
            case "ROPE" -> asked("ROPE-12", 1, null, "length", of(ROPE));
            case "CHAIN" -> asked("CHN-8", 1, null, "length", of(CHAIN));
            case "LEAD" -> asked("LEAD", 1 + random.nextInt(4), of(PACKS));
            case "BRASS" -> asked(
                    "BRASS", of(BARS), null, "diameter", "" + (10 + 2 * random.nextInt(11)), "length", tens(200, 2000));
            case "COVER" -> asked(
                    "COVER",
                    1,
                    null,
                    "length",
                    tens(250, 900),
                    "width",
                    tens(120, 320),
                    "hem",
                    random.nextInt(3) == 0 ? "roped" : "plain",
                    "fixing",
                    random.nextInt(3) == 0 ? "hooks" : "loose");
            case "CUSHION" -> asked(
                    "CUSHION",
                    1 + random.nextInt(4),
                    null,
                    "length",
                    tens(60, 210),
                    "width",
                    tens(40, 90),
                    "height",
                    "" + (50 + 10 * random.nextInt(8)),
                    "foam",
                    List.of("soft", "soft", "firm", "closed cell").get(random.nextInt(4)));
            case "WINDOW" -> asked(
                    "WINDOW",
                    1 + random.nextInt(2),
                    null,
                    "width",
                    tens(200, 590),
                    "height",
                    tens(150, 390),
                    "thickness",
                    random.nextInt(4) == 0 ? "10 mm" : "8 mm");
            default -> asked(
                    "PAINT", 1, null, "hull", "" + (8 + random.nextInt(30)), "coats", "" + (1 + random.nextInt(2)));
        };
    }

    private OrderLine asked(String sku, int pieces, @Nullable String pack, String... answers) {
        Map<String, Answer> byName = new LinkedHashMap<>();
        for (int i = 0; i < answers.length; i += 2) {
            byName.put(answers[i], Answer.of(answers[i + 1]));
        }
        return new OrderLine(new Sku(sku), pieces, new Answers(byName, pack));
    }

    private String tens(int from, int until) {
        return "" + (from + 10 * random.nextInt((until - from) / 10 + 1));
    }

    private int of(int[] some) {
        return some[random.nextInt(some.length)];
    }

    private String of(String[] some) {
        return some[random.nextInt(some.length)];
    }
}
