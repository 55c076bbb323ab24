package dev.steelyard.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.sheet.SheetRow.Wish;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Currency;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Prices are taken out, changed, moved, taken off and added to at random, in any order of rows: what the outcomes make of the prices
 * is what somebody would write who did the same by hand.
 */
class SheetEditsTest {

    private static final CheckRules RULES = new CheckRules(
            ShopRules.of(Currency.getInstance("EUR")), Margins.NONE, new BigDecimal(30), LocalDate.of(2026, 11, 26));
    private static final String[] GROUPS = {"", "Boatyard", "Crew club"};
    private static final int SHEETS = 800;

    /** Whose price from how many pieces: “Boatyard 10”. */
    private static String place(@Nullable String group, int from) {
        return (group == null ? "everyone" : group) + " " + from;
    }

    private static @Nullable String group(Random random) {
        String group = GROUPS[random.nextInt(GROUPS.length)];
        return group.isEmpty() ? null : group;
    }

    private static BigDecimal price(Random random) {
        return BigDecimal.valueOf(random.nextInt(300, 900), 2);
    }

    private static List<KeptPrice> stored(Random random) {
        Map<String, KeptPrice> kept = new TreeMap<>();
        int count = random.nextInt(7);
        for (long id = 1; kept.size() < count; id++) {
            String group = group(random);
            int from = random.nextInt(2, 40);
            kept.put(
                    place(group, from),
                    new KeptPrice(RowKey.Kind.ROW, id, new PriceLine(group, from, price(random), Validity.ALWAYS)));
        }
        return List.copyOf(kept.values());
    }

    private static PricesNow now(List<KeptPrice> kept) {
        Product product = new Product(
                new Sku("SHK"),
                "Bow shackle",
                null,
                null,
                null,
                kept.isEmpty()
                        ? null
                        : PriceRows.of(
                                Over.PRODUCT,
                                kept.stream().map(one -> one.line().toBreak()).toList()),
                List.of());
        return new PricesNow(new Item(product, null), RowKey.Kind.PRODUCT, 7, kept);
    }

    private static SheetRow row(
            int line, @Nullable String group, int from, @Nullable BigDecimal price, @Nullable RowKey key, Wish wish) {
        return new SheetRow(line, group, from, null, price, Validity.ALWAYS, key, wish);
    }

    /** What outcomes make of some prices. */
    private static Map<String, BigDecimal> after(List<KeptPrice> kept, List<Outcome> outcomes) {
        Map<Long, PriceLine> lines = new HashMap<>();
        kept.forEach(one -> lines.put(one.id(), one.line()));
        Map<String, BigDecimal> prices = new TreeMap<>();
        for (Outcome outcome : outcomes) {
            if (outcome.kind().writes() && outcome.before() != null) {
                lines.remove(outcome.before().id());
            }
            if (outcome.kind().writes() && outcome.after() != null) {
                prices.put(
                        place(outcome.after().group(), outcome.after().from()),
                        outcome.after().price());
            }
        }
        lines.values().forEach(line -> prices.put(place(line.group(), line.from()), line.price()));
        return prices;
    }

    @Test
    void whatComesOutIsWhatWasWritten() {
        Random random = new Random(7);
        int changes = 0;
        for (int i = 0; i < SHEETS; i++) {
            List<KeptPrice> kept = stored(random);
            Map<String, BigDecimal> expected = new TreeMap<>();
            Set<String> taken = new HashSet<>();
            kept.forEach(one -> taken.add(place(one.line().group(), one.line().from())));
            List<SheetRow> sheet = new ArrayList<>();
            for (KeptPrice one : kept) {
                PriceLine line = one.line();
                int at = sheet.size() + 2;
                switch (random.nextInt(5)) {
                    case 0 -> sheet.add(row(at, line.group(), line.from(), null, one.key(), Wish.REMOVE));
                    case 1 -> {
                        BigDecimal other = price(random);
                        sheet.add(row(at, line.group(), line.from(), other, one.key(), Wish.SET));
                        expected.put(place(line.group(), line.from()), other);
                    }
                    case 2 -> {
                        int moved = line.from() + 100 + at; // where nothing stands
                        sheet.add(row(at, line.group(), moved, line.price(), one.key(), Wish.SET));
                        expected.put(place(line.group(), moved), line.price());
                    }
                    case 3 -> {
                        sheet.add(row(at, line.group(), line.from(), line.price(), one.key(), Wish.SET));
                        expected.put(place(line.group(), line.from()), line.price());
                    }
                    default -> expected.put(place(line.group(), line.from()), line.price()); // not in the sheet
                }
            }
            for (int added = random.nextInt(3); added > 0; added--) {
                String group = group(random);
                int from = random.nextInt(41, 60);
                if (taken.add(place(group, from))) {
                    BigDecimal price = price(random);
                    sheet.add(row(sheet.size() + 2, group, from, price, null, Wish.SET));
                    expected.put(place(group, from), price);
                }
            }
            Collections.shuffle(sheet, random);

            List<Outcome> outcomes = ItemCheck.of(now(kept), sheet, RULES);

            assertThat(outcomes)
                    .as(sheet + " over " + kept)
                    .hasSameSizeAs(sheet)
                    .allSatisfy(outcome -> assertThat(outcome.refusal()).isNull());
            Map<String, BigDecimal> came = after(kept, outcomes);
            assertThat(came.keySet()).as(sheet + " over " + kept).isEqualTo(expected.keySet());
            assertThat(came)
                    .allSatisfy(
                            (place, price) -> assertThat(price).as(place).isEqualByComparingTo(expected.get(place)));
            changes += outcomes.stream()
                    .mapToInt(outcome -> outcome.kind().writes() ? 1 : 0)
                    .sum();
        }
        assertThat(changes).isGreaterThan(SHEETS);
    }

    /** A sheet of before, read in once somebody changed everything meanwhile, writes over nothing. */
    @Test
    void aSheetOfBeforeWritesOverNothing() {
        Random random = new Random(8);
        for (int i = 0; i < SHEETS / 4; i++) {
            List<KeptPrice> kept = stored(random);
            List<SheetRow> sheet = new ArrayList<>();
            for (KeptPrice one : kept) {
                sheet.add(row(
                        sheet.size() + 2,
                        one.line().group(),
                        one.line().from(),
                        one.line().price().add(BigDecimal.ONE),
                        one.key(),
                        Wish.SET));
            }
            List<KeptPrice> meanwhile = kept.stream()
                    .map(one -> new KeptPrice(
                            one.kind(),
                            one.id(),
                            new PriceLine(
                                    one.line().group(),
                                    one.line().from(),
                                    one.line().price().add(new BigDecimal("0.50")),
                                    one.line().validity())))
                    .toList();

            List<Outcome> outcomes = ItemCheck.of(now(meanwhile), sheet, RULES);

            assertThat(outcomes)
                    .as(sheet.toString())
                    .allSatisfy(outcome -> assertThat(outcome.kind().writes()).isFalse());
        }
    }
}
