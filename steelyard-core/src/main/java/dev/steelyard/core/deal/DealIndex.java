package dev.steelyard.core.deal;

import dev.steelyard.core.card.GoodsIndex;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Leads from a basket to the deals that may be for it: each stands under one thing a basket must have for it, its code,
 * its payment method, one of its groups or one of the goods it acts on.
 */
final class DealIndex {

    private final List<PreparedDeal> deals;
    private final Map<String, List<Integer>> byCode = new HashMap<>();
    private final Map<String, List<Integer>> byCodeList = new HashMap<>();
    private final Map<String, List<Integer>> byPayment = new HashMap<>();
    private final Map<String, List<Integer>> byGroup = new HashMap<>();
    private final List<Integer> anywhere = new ArrayList<>();
    private final List<Integer> byGoods = new ArrayList<>();
    private final GoodsIndex goods;
    private final Map<Sku, Known> known = new ConcurrentHashMap<>();

    /** An item with the deals that act on it, of those found by goods; looked for once, when it is first sold. */
    private record Known(Item item, int[] deals) {}

    DealIndex(List<PreparedDeal> deals) {
        this.deals = deals;
        for (int i = 0; i < deals.size(); i++) {
            put(i, deals.get(i));
        }
        goods = new GoodsIndex(
                byGoods.stream().map(i -> deals.get(i).deal().acted().rule()).toList());
    }

    private void put(int place, PreparedDeal prepared) {
        Conditions conditions = prepared.deal().conditions();
        if (prepared.code() != null) {
            byCode.computeIfAbsent(prepared.code(), any -> new ArrayList<>()).add(place);
        } else if (conditions.codeList() != null) {
            byCodeList
                    .computeIfAbsent(conditions.codeList(), any -> new ArrayList<>())
                    .add(place);
        } else if (conditions.payment() != null) {
            byPayment
                    .computeIfAbsent(conditions.payment(), any -> new ArrayList<>())
                    .add(place);
        } else if (!conditions.audience().groupsIn().isEmpty()) {
            for (String group : conditions.audience().groupsIn()) {
                byGroup.computeIfAbsent(group, any -> new ArrayList<>()).add(place);
            }
        } else if (prepared.deal().acted().isEverything()) {
            anywhere.add(place);
        } else {
            byGoods.add(place);
        }
    }

    private int[] acting(Item item) {
        Known there = known.get(item.sku());
        if (there != null && there.item == item) {
            return there.deals;
        }
        int[] acting = goods.candidates(item.product()).stream()
                .mapToInt(byGoods::get)
                .filter(place -> deals.get(place).deal().acted().has(item))
                .toArray();
        known.put(item.sku(), new Known(item, acting));
        return acting;
    }

    boolean knowsCode(String normal) {
        return byCode.containsKey(normal);
    }

    Found find(List<SoldLine> lines, Occasion occasion) {
        Found found = new Found(deals.size(), lines.size());
        anywhere.forEach(found.places::set);
        occasion.codes().forEach(code -> byCode.getOrDefault(code, List.of()).forEach(found.places::set));
        occasion.codeLists()
                .forEach(list -> byCodeList.getOrDefault(list, List.of()).forEach(found.places::set));
        if (occasion.payment() != null) {
            byPayment.getOrDefault(occasion.payment(), List.of()).forEach(found.places::set);
        }
        if (occasion.customer().group() != null) {
            byGroup.getOrDefault(occasion.customer().group(), List.of()).forEach(found.places::set);
        }
        if (!byGoods.isEmpty()) {
            for (int i = 0; i < lines.size(); i++) {
                for (int deal : acting(lines.get(i).item())) {
                    found.add(deal, i);
                }
            }
        }
        return found;
    }

    /** The deals found for a basket, with the lines that led to them. */
    static final class Found {

        private static final int FEW = 4;

        private final BitSet places = new BitSet();
        private final int[] @Nullable [] lines;
        private final int[] counts;
        private final int basket;

        private Found(int deals, int basket) {
            this.lines = new int[deals][];
            this.counts = new int[deals];
            this.basket = basket;
        }

        private void add(int deal, int line) {
            int[] there = lines[deal];
            if (there == null) {
                there = new int[Math.min(FEW, basket)];
                lines[deal] = there;
                places.set(deal);
            } else if (counts[deal] == there.length) {
                there = Arrays.copyOf(there, there.length * 2);
                lines[deal] = there;
            }
            there[counts[deal]++] = line;
        }

        /** The first one found from a place on; -1 for none. */
        int next(int from) {
            return places.nextSetBit(from);
        }

        /** The lines a deal acts on; none where they did not lead to it and are to be looked for. */
        int @Nullable [] linesOf(int deal) {
            int[] there = lines[deal];
            return there == null ? null : Arrays.copyOf(there, counts[deal]);
        }
    }
}
