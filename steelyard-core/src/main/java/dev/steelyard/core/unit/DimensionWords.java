package dev.steelyard.core.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Says in plain words what a number measures. */
final class DimensionWords {

    private static final Map<Dimension, String> NAMES = Map.of(
            Dimension.PLAIN, "a plain number",
            Dimension.MONEY, "money",
            Dimension.LENGTH, "a length",
            Dimension.AREA, "an area",
            Dimension.VOLUME, "a volume",
            Dimension.WEIGHT, "a weight");

    private DimensionWords() {}

    static String of(Dimension dimension) {
        String name = NAMES.get(dimension);
        if (name != null) {
            return name;
        }
        List<String> above = new ArrayList<>();
        List<String> below = new ArrayList<>();
        part(dimension.money(), "money", above, below);
        part(dimension.length(), "m", above, below);
        part(dimension.weight(), "kg", above, below);
        String top = above.isEmpty() ? "1" : String.join(" times ", above);
        return below.isEmpty() ? top : top + " per " + String.join(" and ", below);
    }

    private static void part(int power, String base, List<String> above, List<String> below) {
        if (power != 0) {
            (power > 0 ? above : below).add(base + superscript(power < 0 ? -power : power));
        }
    }

    private static String superscript(int power) {
        return switch (power) {
            case 1 -> "";
            case 2 -> "²";
            case 3 -> "³";
            default -> "^" + power;
        };
    }
}
