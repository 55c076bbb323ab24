package dev.steelyard.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PriceRowsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 4, 15);

    @ParameterizedTest
    @CsvSource({"1,", "9,", "10, 6.90", "24, 6.90", "25, 6.20", "1000000, 6.20"})
    void aThresholdIsInclusiveAndHoldsUntilTheNext(int pieces, String price) {
        PriceRows ladder = PriceRows.of(Over.LINE, List.of(everyone(25, "6.20"), everyone(10, "6.90")));
        Break reached = ladder.inForce(null, DAY).reached(pieces);
        if (price == null) {
            assertThat(reached).isNull();
        } else {
            assertThat(reached.value()).isEqualByComparingTo(price);
        }
    }

    @Test
    void atOneThresholdTheGroupWinsThenTheDatedOne() {
        Validity spring = new Validity(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1));
        PriceRows ladder = PriceRows.of(
                Over.LINE,
                List.of(
                        everyone(6, "13"),
                        new Break(6, new BigDecimal("12"), null, spring),
                        new Break(6, new BigDecimal("12.50"), "Boatyard", Validity.ALWAYS)));
        assertThat(priceAt(ladder, null, DAY)).isEqualByComparingTo("12");
        assertThat(priceAt(ladder, null, LocalDate.of(2027, 5, 1))).isEqualByComparingTo("13");
        assertThat(priceAt(ladder, "Boatyard", DAY)).isEqualByComparingTo("12.50");
        assertThat(priceAt(ladder, "Crew club", DAY)).isEqualByComparingTo("12");
    }

    @ParameterizedTest
    @CsvSource({
        // both undated; one dated; dates that touch; dates that overlap; an open end that overlaps
        ",, ,, true",
        ",, 2027-04-01, 2027-05-01, false",
        "2027-03-01, 2027-04-01, 2027-04-01, 2027-05-01, false",
        "2027-03-01, 2027-04-02, 2027-04-01, 2027-05-01, true",
        "2027-03-01,, 2027-04-01, 2027-05-01, true",
        ",2027-04-01, 2027-04-01,, false",
    })
    void aDoubledThresholdIsRefusedWhenNobodyCouldSayWhichCounts(
            LocalDate from, LocalDate until, LocalDate otherFrom, LocalDate otherUntil, boolean clash) {
        List<Break> breaks = List.of(
                new Break(10, BigDecimal.ONE, "Boatyard", new Validity(from, until)),
                new Break(10, BigDecimal.TEN, "Boatyard", new Validity(otherFrom, otherUntil)));
        assertThat(Breaks.clashes(breaks)).hasSize(clash ? 1 : 0);
        if (clash) {
            assertThatThrownBy(() -> PriceRows.of(Over.LINE, breaks))
                    .hasMessageStartingWith("from 10 for Boatyard stands twice");
        }
    }

    @Test
    void sameThresholdForTwoGroupsIsNoClash() {
        assertThat(Breaks.clashes(
                        List.of(everyone(10, "5"), new Break(10, BigDecimal.ONE, "Boatyard", Validity.ALWAYS))))
                .isEmpty();
    }

    @Test
    void validityIsRefusedWhenItEndsBeforeItBegins() {
        assertThatThrownBy(() -> new Validity(DAY, DAY)).hasMessageContaining("must be after");
    }

    @Test
    void whatIsPreparedOnceAnswersLikeWhatIsFilteredEachTime() {
        Random random = new Random(20261123);
        for (int round = 0; round < 200; round++) {
            List<Break> breaks = randomBreaks(random);
            // a break long past makes the ladder dated, so it cannot be prepared, and changes nothing today
            List<Break> dated = new ArrayList<>(breaks);
            dated.add(new Break(
                    1, BigDecimal.ZERO, null, new Validity(LocalDate.of(2001, 1, 1), LocalDate.of(2001, 1, 2))));
            for (String group : new String[] {null, "Boatyard", "Crew club"}) {
                assertThat(PriceRows.of(Over.LINE, breaks).inForce(group, DAY).all())
                        .isEqualTo(PriceRows.of(Over.LINE, dated)
                                .inForce(group, DAY)
                                .all());
            }
        }
    }

    private static List<Break> randomBreaks(Random random) {
        List<Break> breaks = new ArrayList<>();
        for (int from = 1; from < 40; from += 1 + random.nextInt(9)) {
            breaks.add(everyone(from, "" + random.nextInt(100)));
            if (random.nextBoolean()) {
                breaks.add(new Break(from, BigDecimal.valueOf(random.nextInt(100)), "Boatyard", Validity.ALWAYS));
            }
        }
        return breaks;
    }

    private static BigDecimal priceAt(PriceRows ladder, String group, LocalDate day) {
        return ladder.inForce(group, day).reached(6).value();
    }

    private static Break everyone(int from, String price) {
        return Break.everyone(from, new BigDecimal(price));
    }
}
