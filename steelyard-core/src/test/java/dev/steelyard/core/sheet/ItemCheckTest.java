package dev.steelyard.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.sheet.Outcome.Kind;
import dev.steelyard.core.sheet.SheetRow.Wish;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class ItemCheckTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final CheckRules RULES = new CheckRules(
            ShopRules.of(EURO), Margins.of(new BigDecimal(20)), new BigDecimal(30), LocalDate.of(2026, 11, 26));
    private static final LocalDate APRIL = LocalDate.of(2027, 4, 1);

    /** The shackle: 7.40, from 10 at 6.90, from 25 at 6.20, for boatyards from 10 at 6.35. It costs 4.15. */
    private static final PricesNow SHACKLE =
            shackle("7.40", row(1, 10, "6.90", null), row(2, 25, "6.20", null), row(3, 10, "6.35", "Boatyard"));

    private static KeptPrice row(long id, int from, String price, @Nullable String group) {
        return new KeptPrice(RowKey.Kind.ROW, id, new PriceLine(group, from, new BigDecimal(price), Validity.ALWAYS));
    }

    private static PricesNow shackle(@Nullable String shelf, KeptPrice... rows) {
        BigDecimal price = shelf == null ? null : new BigDecimal(shelf);
        List<KeptPrice> kept = new ArrayList<>(List.of(rows));
        List<Break> breaks = kept.stream().map(one -> one.line().toBreak()).toList();
        if (price != null) {
            kept.add(new KeptPrice(RowKey.Kind.PRODUCT, 7, PriceLine.shelf(price)));
        }
        Product product = new Product(
                new Sku("SHK"),
                "Bow shackle",
                price,
                new BigDecimal("4.15"),
                null,
                breaks.isEmpty() ? null : PriceRows.of(Over.PRODUCT, breaks),
                List.of());
        return new PricesNow(new Item(product, null), RowKey.Kind.PRODUCT, 7, kept);
    }

    /** A row as taken out and then written over: “10 6.80” keeps the key of the stored row. */
    private static SheetRow taken(int line, KeptPrice kept, int from, @Nullable String price) {
        return new SheetRow(
                line,
                kept.line().group(),
                kept.line().isShelf() ? null : (Integer) from,
                null,
                price == null ? null : new BigDecimal(price),
                kept.line().validity(),
                kept.key(),
                Wish.SET);
    }

    private static SheetRow fresh(int line, @Nullable String group, int from, @Nullable Integer to, String price) {
        return new SheetRow(line, group, from, to, new BigDecimal(price), Validity.ALWAYS, null, Wish.SET);
    }

    private static SheetRow removing(int line, @Nullable RowKey key, int from) {
        return new SheetRow(line, null, from, null, null, Validity.ALWAYS, key, Wish.REMOVE);
    }

    private static List<Outcome> check(PricesNow now, SheetRow... rows) {
        return ItemCheck.of(now, List.of(rows), RULES);
    }

    private static List<String> kinds(List<Outcome> outcomes) {
        return outcomes.stream()
                .map(one -> one.kind()
                        + (one.refusal() == null ? "" : " " + one.refusal().column()))
                .toList();
    }

    private static String reason(Outcome outcome) {
        assertThat(outcome.refusal()).isNotNull();
        return outcome.refusal().reason();
    }

    private static List<String> notes(Outcome outcome) {
        return outcome.notes().stream()
                .map(note -> note.code() + ": " + (note.finding() == null ? note.words() : note.finding()))
                .toList();
    }

    @Test
    void whatWasTakenOutUnchangedChangesNothing() {
        SheetRow[] all = SHACKLE.kept().stream()
                .map(kept -> taken(
                        2,
                        kept,
                        kept.line().isShelf() ? 0 : kept.line().from(),
                        kept.line().price() + "00"))
                .toArray(SheetRow[]::new);

        assertThat(check(SHACKLE, all))
                .allMatch(one -> one.kind() == Kind.SAME && one.notes().isEmpty());
    }

    @Test
    void changesAddsAndRemoves() {
        List<Outcome> found = check(
                SHACKLE,
                taken(2, SHACKLE.kept().get(0), 10, "6.80"),
                removing(3, SHACKLE.kept().get(1).key(), 25),
                fresh(4, null, 50, null, "5.90"),
                taken(5, SHACKLE.kept().get(3), 0, "7.50"));

        assertThat(kinds(found)).containsExactly("CHANGE", "REMOVE", "ADD", "CHANGE");
        assertThat(found.get(0).before()).isEqualTo(SHACKLE.kept().get(0));
        assertThat(found.get(0).after()).isEqualTo(row(1, 10, "6.80", null).line());
        assertThat(found.get(3).after()).isEqualTo(PriceLine.shelf(new BigDecimal("7.50")));
    }

    @Test
    void aRowWithoutKeyMeansTheStoredOneOfTheSameThreshold() {
        List<Outcome> found = check(SHACKLE, fresh(2, null, 10, null, "6.90"), fresh(3, "Boatyard", 10, null, "6.30"));

        assertThat(kinds(found)).containsExactly("SAME", "CHANGE");
        assertThat(found.get(1).before()).isEqualTo(SHACKLE.kept().get(2));
    }

    @Test
    void aThresholdMayMoveAndAnotherTakeItsPlace() {
        List<Outcome> found = check(
                SHACKLE,
                taken(2, SHACKLE.kept().get(0), 25, "6.90"),
                taken(3, SHACKLE.kept().get(1), 10, "6.20"));

        assertThat(kinds(found)).containsExactly("CHANGE", "CHANGE");
    }

    @Test
    void theSameThresholdTwiceIsRefusedAndTheRestStands() {
        List<Outcome> found = check(
                SHACKLE,
                taken(2, SHACKLE.kept().get(0), 10, "6.80"),
                fresh(3, null, 10, null, "6.70"),
                taken(4, SHACKLE.kept().get(1), 10, "6.20"));

        assertThat(kinds(found)).containsExactly("CHANGE", "REFUSED FROM", "REFUSED FROM");
        assertThat(reason(found.get(1))).isEqualTo("From 10 stands twice in this sheet; line 2 is about it too");
        assertThat(reason(found.get(2))).isEqualTo("From 10 stands twice; keep one, or give one of them dates");
    }

    @Test
    void datesThatOverlapAreRefused() {
        KeptPrice dated = new KeptPrice(
                RowKey.Kind.ROW, 9, new PriceLine(null, 10, new BigDecimal("6"), new Validity(APRIL, null)));
        SheetRow row = new SheetRow(
                2, null, 10, null, new BigDecimal("5.80"), new Validity(APRIL.plusDays(7), null), null, Wish.SET);

        Outcome found = check(shackle("7.40", dated), row).get(0);

        assertThat(reason(found)).contains("twice on the same days");
    }

    @Test
    void whatWasChangedInTheShopMeanwhileIsNotWrittenOver() {
        SheetRow edited = taken(2, SHACKLE.kept().get(0), 10, "6.80");
        SheetRow untouched = taken(3, SHACKLE.kept().get(1), 25, "6.20");
        PricesNow later = shackle("7.40", row(1, 10, "7.00", null), row(2, 25, "6.30", null));

        List<Outcome> found = check(later, edited, untouched);

        assertThat(kinds(found)).containsExactly("REFUSED KEY", "SAME");
        assertThat(reason(found.get(0)))
                .isEqualTo("It was changed in the shop since the sheet was taken out: from 10 is now 7.00");
        assertThat(notes(found.get(1)))
                .singleElement()
                .asString()
                .startsWith("CHANGED_SINCE: ")
                .endsWith("is now 6.30");
    }

    @Test
    void aKeyThatIsGoneOrOfOtherGoodsIsRefused() {
        KeptPrice gone = row(77, 10, "6.90", null);
        KeptPrice others = new KeptPrice(RowKey.Kind.PRODUCT, 8, PriceLine.shelf(BigDecimal.TEN));

        List<Outcome> found = check(SHACKLE, taken(2, gone, 10, "6.90"), taken(3, others, 0, "7.40"));

        assertThat(kinds(found)).containsExactly("REFUSED KEY", "REFUSED KEY");
        assertThat(reason(found.get(0))).contains("Empty the key to add the row anew");
        assertThat(reason(found.get(1))).isEqualTo("The key is of other goods than SHK");
    }

    @Test
    void anEmptyPriceIsNotARemoval() {
        List<Outcome> found = check(SHACKLE, taken(2, SHACKLE.kept().get(0), 10, null), removing(3, null, 99));

        assertThat(kinds(found)).containsExactly("REFUSED PRICE", "REFUSED ACTION");
        assertThat(reason(found.get(0)))
                .isEqualTo("The price is empty; write one, or “remove” under action to take the price off");
        assertThat(reason(found.get(1))).isEqualTo("There is nothing to remove: SHK has no price from 99");
    }

    @Test
    void aShelfPriceHasNeitherGroupNorDates() {
        SheetRow grouped = new SheetRow(2, "Boatyard", null, null, BigDecimal.ONE, Validity.ALWAYS, null, Wish.SET);
        SheetRow dated = new SheetRow(3, null, null, null, BigDecimal.ONE, new Validity(APRIL, null), null, Wish.SET);

        assertThat(kinds(check(shackle(null), grouped, dated))).containsExactly("REFUSED GROUP", "REFUSED STARTS");
    }

    @Test
    void findingsOfTheResultStandAtTheRowTheyAreAbout() {
        List<Outcome> found = check(SHACKLE, taken(2, SHACKLE.kept().get(1), 25, "4.00"));

        assertThat(found.get(0).notes())
                .extracting(Note::code)
                .containsOnly(Note.Code.LARGE_CHANGE, Note.Code.CLIFF, Note.Code.BELOW_COST);
        assertThat(notes(found.get(0))).contains("LARGE_CHANGE: 6.20 → 4.00 is 35.5 % cheaper");
    }

    @Test
    void aPercentageInThePriceColumnIsNoticed() {
        Outcome found = check(SHACKLE, fresh(2, null, 50, null, "15")).get(0);

        assertThat(notes(found))
                .contains("PERCENTAGE: 15.00 beside 7.40 looks like a percentage off; this column holds prices");
        assertThat(check(SHACKLE, fresh(2, null, 50, null, "6")).get(0).notes())
                .noneMatch(note -> note.code() == Note.Code.PERCENTAGE);
    }

    @Test
    void gapsAndOverlapsBetweenFromAndToAreNamed() {
        List<Outcome> found = check(
                shackle("7.40"),
                fresh(2, null, 10, 24, "6.90"),
                fresh(3, null, 30, 50, "6.20"),
                fresh(4, null, 50, null, "5.80"));

        assertThat(notes(found.get(0)))
                .containsExactly(
                        "GAP: it ends at 24 and the next begins at 30; what is in neither: 25 to 29 cost 6.90 as this row"
                                + " says");
        assertThat(notes(found.get(1)))
                .contains("OVERLAP: it goes on to 50, but from 50 another row begins; from 50 on that one counts");
        assertThat(found.get(2).notes()).noneMatch(note -> note.code() == Note.Code.OVERLAP);
    }

    /** Boatyard from 10 at 6.35 and everyone from 25 at 6.20: a break of everyone's cheaper than the group's. */
    @Test
    void whereAnotherRowIsChargedWithinARowsRangeItIsSaid() {
        Outcome found = check(SHACKLE, fresh(2, "Boatyard", 20, 40, "6.30")).get(0);

        assertThat(notes(found))
                .contains(
                        "CUT: within what it is for, Boatyard is charged otherwise: 25 to 40 6.20 by the row of everyone"
                                + " from 25");
    }

    @Test
    void whatAGapCostsIsWhatIsCharged() {
        Outcome found = check(SHACKLE, fresh(2, "Boatyard", 12, 19, "6.33"), fresh(3, "Boatyard", 30, null, "6.00"))
                .get(0);

        assertThat(notes(found))
                .contains(
                        "GAP: it ends at 19 and the next begins at 30; what is in neither: 20 to 24 cost 6.33 as this row"
                                + " says, 25 to 29 6.20 by the row of everyone from 25");
    }

    @Test
    void aRangeThatEndsBeforeItBeginsIsRefused() {
        Outcome found = check(SHACKLE, fresh(2, null, 90, 85, "6.00")).get(0);

        assertThat(found.kind()).isEqualTo(Kind.REFUSED);
        assertThat(reason(found)).startsWith("It ends at 85, before it begins at 90");
    }

    @Test
    void aDoubledRowDoesNotSilenceTheGapsAfterIt() {
        List<Outcome> found = check(
                shackle("7.40"),
                fresh(2, null, 10, 14, "6.90"),
                fresh(3, null, 10, 14, "6.90"),
                fresh(4, null, 20, 24, "6.20"),
                fresh(5, null, 30, null, "5.80"));

        assertThat(notes(found.get(2)))
                .anyMatch(note -> note.startsWith("GAP: it ends at 24 and the next begins at 30"));
    }

    @Test
    void moreRowsThanGoodsCanHaveAreRefused() {
        SheetRow[] rows = new SheetRow[ItemCheck.MOST_ROWS + 2];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = fresh(i + 2, null, i + 1, null, "7.00");
        }

        List<Outcome> found = check(shackle("7.40"), rows);

        assertThat(found).filteredOn(one -> one.kind() == Kind.REFUSED).hasSize(2);
        assertThat(reason(found.get(ItemCheck.MOST_ROWS))).contains("500 price rows at most");
    }
}
