package dev.steelyard.core.finding;

import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsIndex;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;

/** What is odd about cards beside each other: which cover the same, which can never win, which cover nothing. */
public final class OrderFindings {

    private static final int MOST_COMPARED = 50;

    private final List<RateCard> order;
    private final GoodsIndex index;
    private final Map<List<Integer>, Integer> together = new LinkedHashMap<>();
    private final int[] covered;
    private final int[] shadowed;
    private final Map<Integer, Integer> shadow = new HashMap<>();

    private OrderFindings(List<RateCard> order) {
        this.order = order;
        this.covered = new int[order.size()];
        this.shadowed = new int[order.size()];
        this.index =
                new GoodsIndex(order.stream().map(card -> card.covers().goods()).toList());
    }

    /**
     * Findings by the index of the card they are about.
     *
     * @param order live and scheduled cards in the order in which they are tried
     */
    public static Map<Integer, List<Finding>> of(List<RateCard> order, GoodsDirectory goods) {
        OrderFindings findings = new OrderFindings(order);
        for (Product product : goods.all()) {
            findings.look(product);
        }
        return findings.found();
    }

    /**
     * What is odd about one card beside the others.
     *
     * @param own about the card itself
     * @param below the cards below it that cover the same, by their index, each with how many products both cover
     */
    public record About(List<Finding> own, Map<Integer, Integer> below) {}

    /**
     * The same about one card alone; only the goods that it covers are looked at.
     *
     * @param one its index in the order
     */
    public static About about(List<RateCard> order, int one, GoodsDirectory goods) {
        OrderFindings findings = new OrderFindings(order);
        goods.covered(order.get(one).covers()).forEach(findings::look);
        Map<Integer, Integer> below = new TreeMap<>();
        findings.together.forEach((pair, count) -> {
            if (pair.get(0) == one) {
                below.put(pair.get(1), count);
            }
        });
        return new About(findings.found().getOrDefault(one, List.of()), below);
    }

    private void look(Product product) {
        List<Integer> covering = new ArrayList<>();
        for (int i : index.candidates(product)) {
            if (order.get(i).covers().covers(product)) {
                covering.add(i);
            }
        }
        for (int later : covering) {
            covered[later]++;
        }
        for (int k = 1; k < Math.min(covering.size(), MOST_COMPARED); k++) {
            int later = covering.get(k);
            boolean taken = false;
            for (int earlier : covering.subList(0, k)) {
                Covers one = order.get(earlier).covers();
                Covers other = order.get(later).covers();
                if (one.meets(other)) {
                    together.merge(List.of(earlier, later), 1, Integer::sum);
                }
                if (!taken && one.takesAllOf(other)) {
                    taken = true;
                    shadow.putIfAbsent(later, earlier);
                }
            }
            shadowed[later] += taken ? 1 : 0;
        }
    }

    private Map<Integer, List<Finding>> found() {
        Map<Integer, List<Finding>> found = new TreeMap<>();
        for (int i = 0; i < order.size(); i++) {
            List<Finding> ofCard = new ArrayList<>();
            if (covered[i] == 0) {
                ofCard.add(Finding.analysed(
                        Code.COVERS_NOTHING, "/covers", Fact.of(FindingSays.NO_PRODUCT_COVERED), null));
            } else if (shadowed[i] == covered[i]) {
                ofCard.add(Finding.analysed(
                        Code.SHADOWED,
                        "/covers",
                        Fact.of(
                                FindingSays.NEVER_WINS,
                                Part.name(order.get(Objects.requireNonNull(shadow.get(i)))
                                        .name()),
                                Part.count(covered[i])),
                        null));
            }
            found.put(i, ofCard);
        }
        together.forEach((pair, count) -> Objects.requireNonNull(found.get(pair.get(1)))
                .add(Finding.analysed(
                        Code.OVERLAP,
                        "/covers",
                        Fact.of(
                                FindingSays.COMES_BEFORE,
                                Part.name(order.get(pair.get(0)).name()),
                                Part.count(count)),
                        null)));
        found.values().removeIf(List::isEmpty);
        return found;
    }
}
