package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Cells as spreadsheets, mails and people put them into one field. */
class PastedTableTest {

    @AfterEach
    void forget() {
        TypedNumbers.end();
    }

    @Test
    void tabsGoBeforeAllElse() {
        assertThat(PastedTable.cells("10\t6,90\n25\t6,20; net\n"))
                .containsExactly(List.of("10", "6,90"), List.of("25", "6,20; net"));
    }

    @Test
    void semicolonsGoBeforeCommas() {
        assertThat(PastedTable.cells("from;price\n10;6,90"))
                .containsExactly(List.of("from", "price"), List.of("10", "6,90"));
    }

    @Test
    void commasPartCellsWhereTheyAreNoDecimalCommas() {
        assertThat(PastedTable.cells("from,price\n10,6.90"))
                .containsExactly(List.of("from", "price"), List.of("10", "6.90"));
        assertThat(PastedTable.cells("6,90\n6,20")).containsExactly(List.of("6,90"), List.of("6,20"));
    }

    @Test
    void emptyLinesAndOuterSpacesGoAndQuotesHold() {
        assertThat(PastedTable.cells("\n  10 ;\"6.90; from now on\"\n;;\n\n 25;6.20 "))
                .containsExactly(List.of("10", "6.90; from now on"), List.of("25", "6.20"));
    }

    @Test
    void aStrayQuoteLosesNothing() {
        List<List<String>> cells = PastedTable.cells("10\t\"3/8\" shackle\n25\t6.20");

        assertThat(cells.stream().flatMap(List::stream).collect(Collectors.joining(" ")))
                .contains("10", "3/8", "shackle", "25", "6.20");
    }

    @Test
    void noMoreThanAThousandLines() {
        String many = IntStream.range(0, 1_500).mapToObj(at -> at + "\t1.00").collect(Collectors.joining("\n"));

        assertThat(PastedTable.cells(many)).hasSize(1_000).last().isEqualTo(List.of("999", "1.00"));
    }

    @Test
    void nothingIsNothing() {
        assertThat(PastedTable.cells("")).isEmpty();
        assertThat(PastedTable.cells(" \n\t\n")).isEmpty();
    }

    @Test
    void aLineOfWordsIsAHead() {
        assertThat(PastedTable.isHead(List.of("from", "price"))).isTrue();
        assertThat(PastedTable.isHead(List.of("from", "price 2027"))).isFalse();
        assertThat(PastedTable.isHead(List.of("", ""))).isFalse();
    }

    /** In a shop that writes 6,90 the same text means the same number as its pages show. */
    @Test
    void numbersAreReadAsTheShopWritesThem() {
        TypedNumbers.in(new TypedNumbers.Ways("EUR", true, false));

        assertThat(TypedNumbers.read("1.234,50").value()).isEqualByComparingTo("1234.50");
        assertThat(TypedNumbers.read("1.234,50 EUR").value()).isEqualByComparingTo("1234.50");
        assertThat(TypedNumbers.read("5 USD").fault()).isNotNull();
        assertThat(TypedNumbers.pieces("1000").value()).isEqualByComparingTo("1000");
        assertThat(TypedNumbers.pieces("2,5").fault()).isNotNull();
        assertThat(TypedNumbers.plain("6,90")).isEqualTo("6.90");
        assertThat(TypedNumbers.plain("six")).isEqualTo("six");

        TypedNumbers.end();

        assertThat(TypedNumbers.isComma()).isFalse();
        assertThat(TypedNumbers.read("6.90").value()).isEqualByComparingTo("6.90");
    }
}
