package dev.steelyard.format.columns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableLimits;
import dev.steelyard.format.table.Tables;
import dev.steelyard.format.table.UnreadableTable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ColumnGuessTest {

    @TempDir
    Path folder;

    private Seen look(String text) throws Exception {
        FileLook look = new FileLook(Column.values());
        Tables.read(Files.writeString(folder.resolve("file.csv"), text), TableLimits.USUAL, look);
        return look.seen();
    }

    private static ColumnGuess guess(Seen seen) {
        return ColumnGuess.of(
                seen,
                Column.values(),
                Set.of("line"),
                values -> Set.of("Boatyard", "Trade").containsAll(values) ? Column.GROUP : null);
    }

    private static Map<Integer, String> faults(Seen seen, Map<Integer, String> picks) {
        return ColumnGuess.faults(seen, Column.values(), picks, Set.of(), Set.of());
    }

    @Test
    void aHeadThatIsNotKnownIsNeverLeftOutByGuessing() throws Exception {
        Seen seen = look("SKU,custgroupe,from,price\nSHK,5,1,5.80\n");
        ColumnGuess guess = guess(seen);

        assertThat(guess.isCertain()).isFalse();
        assertThat(guess.picks()).containsOnlyKeys(0, 2, 3);
        assertThat(faults(seen, guess.picks())).containsOnlyKeys(1);
        assertThat(faults(seen, Map.of(0, "SKU", 1, ColumnGuess.OUT, 2, "FROM", 3, "PRICE")))
                .isEmpty();
    }

    @Test
    void aColumnWithoutAHeadIsAskedForToo() throws Exception {
        Seen seen = look("sku,price,\nSHK,5.80,from 10 on\n");
        assertThat(guess(seen).isCertain()).isFalse();
        assertThat(seen.columns().get(2).shown()).isEqualTo("column 3, without a head");
    }

    @Test
    void headsOfSeveralLanguagesAndValuesOfTheShopArePropositions() throws Exception {
        Seen seen = look("Artikelnummer;Stückpreis (netto);ab Menge;Wer\nSHK;5,80;10;Boatyard\nSHK;4,20;25;Trade\n");
        ColumnGuess guess = guess(seen);

        assertThat(guess.isCertain()).as("they are shown before they are read").isFalse();
        assertThat(guess.picks()).isEqualTo(Map.of(0, "SKU", 1, "PRICE", 2, "FROM", 3, "GROUP"));
        assertThat(guess.plan().sign(Column.PRICE)).isEqualTo(CsvForm.COMMA);
    }

    @Test
    void theSignOfAWholeColumnDecidesForCellsThatCanBeReadInTwoWays() throws Exception {
        Seen seen = look("sku;price\nA;1.234\nB;5,80\n");
        assertThat(seen.columns().get(1).sign()).isEqualTo(CsvForm.COMMA);
        assertThat(guess(seen).isCertain()).isTrue();
    }

    @Test
    void aColumnInWhichNoCellTellsIsAskedFor() throws Exception {
        Seen seen = look("sku;price\nA;1.234\nB;2.500\n");
        ColumnGuess guess = guess(seen);

        assertThat(guess.isCertain()).isFalse();
        assertThat(faults(seen, guess.picks()).get(1)).contains("1.234 can be read in two ways");
        assertThat(ColumnGuess.faults(seen, Column.values(), guess.picks(), Set.of(1), Set.of()))
                .isEmpty();
        assertThat(ColumnGuess.plan(seen, Column.values(), guess.picks(), Map.of(1, CsvForm.COMMA), Map.of())
                        .sign(Column.PRICE))
                .isEqualTo(CsvForm.COMMA);
    }

    @Test
    void anotherColumnOfTheFileTells() throws Exception {
        Seen seen = look("sku;from;price\nA;1.000;5,80\n");
        assertThat(guess(seen).isCertain()).isTrue();
        assertThat(guess(seen).plan().sign(Column.FROM)).isEqualTo(CsvForm.COMMA);
    }

    @Test
    void cellsOfTwoHabitsAreNamed() throws Exception {
        Seen seen = look("sku;price\nA;5,80\nB;6,20\nC;7.40\n");
        assertThat(seen.columns().get(1).sign()).isEqualTo(CsvForm.COMMA);
        assertThat(seen.columns().get(1).mixed()).isEqualTo("7.40");
    }

    @Test
    void theOrderOfDaysIsToldFromTheColumnOrAskedFor() throws Exception {
        Seen told = look("sku,price,starts\nA,1,4/1/2027\nB,1,4/25/2027\n");
        assertThat(told.columns().get(2).order()).isEqualTo(DayOrder.MONTH_FIRST);
        assertThat(guess(told).isCertain()).isTrue();

        Seen either = look("sku,price,starts\nA,1,4/1/2027\nB,1,3/3/2027\n");
        assertThat(guess(either).isCertain()).isFalse();
        assertThat(faults(either, guess(either).picks()).get(2)).contains("4/1/2027 can be two days");
    }

    @Test
    void oneColumnAloneCanBeOneThingAndWhatIsNeededIsNamed() throws Exception {
        Seen seen = look("sku,price,from,Price\nSHK,1,2,3\n");
        assertThat(guess(seen).isCertain()).isFalse();
        assertThat(faults(seen, Map.of(0, "SKU", 1, "PRICE", 2, "FROM", 3, "PRICE"))
                        .get(3))
                .isEqualTo("“price” is that already; one column alone can be it");
        assertThat(faults(seen, Map.of(0, "SKU", 1, "-", 2, "-", 3, "-")).get(-1))
                .isEqualTo("No column is “price”, which every row needs");
    }

    @Test
    void theHeadsMayStandUnderOtherLines() throws Exception {
        Seen seen = look("our list of April,,\nvalid in the spring only,,\nsku,price,remark\nSHK,6.90,good\n");
        assertThat(seen.headLine()).isEqualTo(3);
        assertThat(seen.rows()).isEqualTo(1);
        assertThat(look("Liste,,\nNummer,Preis,Was\nSHK,6.90,good\n").headLine())
                .isEqualTo(2);
    }

    @Test
    void aFileWithoutAnyHeadsIsSaidToHaveNone() {
        assertThatThrownBy(() -> look("1,2\n3,4\n"))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("No line has heads such as “sku” and “price”")
                .hasMessageContaining("It begins: 1 | 2");
        assertThatThrownBy(() -> look("\n\n"))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("nothing in it");
    }

    /** Every word of the shipped list belongs to a column that there is, so that none is written in vain. */
    @Test
    void theWordsOfHeadsAreOfColumnsThatThereAre() {
        assertThat(HeadWords.of("Warengruppe", GoodsColumn.values())).isEqualTo(GoodsColumn.CATEGORY);
        assertThat(HeadWords.of("Prix d'achat", GoodsColumn.values())).isEqualTo(GoodsColumn.UNIT_COST);
        assertThat(HeadWords.columns()).allMatch(name -> Stream.of(Column.values(), GoodsColumn.values())
                .flatMap(Arrays::stream)
                .anyMatch(column -> column.name().equals(name)));
    }
}
