package dev.steelyard.core.announced;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The lowest price of before, held against one that looks at every hour; over weeks in which clocks change. */
class LowestPricePropertiesTest {

    private static final int HISTORIES = 500;
    private static final Duration HOUR = Duration.ofHours(1);

    /** The week before clocks go forward in Europe, and the one before they go back. */
    private static final List<Instant> BEGINNINGS =
            List.of(Instant.parse("2027-02-10T00:00:00Z"), Instant.parse("2027-09-20T00:00:00Z"));

    /** One price after another, each for some hours, with a gap now and then; the last one still is. */
    private static List<PriceSpan> history(Random random) {
        List<PriceSpan> spans = new ArrayList<>();
        Instant at = BEGINNINGS.get(random.nextInt(BEGINNINGS.size())).plus(HOUR.multipliedBy(random.nextInt(48)));
        int count = random.nextInt(1, 9);
        for (int i = 0; i < count; i++) {
            BigDecimal price = new BigDecimal(random.nextInt(4, 12) + ".50");
            Instant until = at.plus(HOUR.multipliedBy(random.nextInt(1, 400)));
            spans.add(new PriceSpan(price, at, i == count - 1 ? null : until));
            at = random.nextInt(6) == 0 ? until.plus(HOUR.multipliedBy(random.nextInt(1, 30))) : until;
        }
        return spans;
    }

    private static Optional<BigDecimal> at(List<PriceSpan> spans, Instant hour) {
        return spans.stream()
                .filter(span -> !span.from().isAfter(hour)
                        && (span.until() == null || span.until().isAfter(hour)))
                .map(PriceSpan::price)
                .findFirst();
    }

    private static Optional<BigDecimal> lowest(List<PriceSpan> spans, Instant from, Instant until) {
        BigDecimal lowest = null;
        for (Instant hour = from; hour.isBefore(until); hour = hour.plus(HOUR)) {
            BigDecimal price = at(spans, hour).orElse(null);
            lowest = lowest == null || price != null && price.compareTo(lowest) < 0 ? price : lowest;
        }
        return Optional.ofNullable(lowest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Europe/Berlin", "UTC", "Europe/Lisbon"})
    void theLowestOfEachDayIsThatOfItsHours(String name) {
        ZoneId zone = ZoneId.of(name);
        Random random = new Random(98_6);
        for (int i = 0; i < HISTORIES / 10; i++) {
            List<PriceSpan> spans = history(random);
            LocalDate first = spans.get(0).from().atZone(zone).toLocalDate().minusDays(1);
            LocalDate last = spans.get(spans.size() - 1)
                    .from()
                    .atZone(zone)
                    .toLocalDate()
                    .plusDays(2);

            var days = LowestPrice.byDay(spans, first, last, zone);

            for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
                assertThat(Optional.ofNullable(days.get(day)))
                        .as(day + " of " + spans)
                        .isEqualTo(lowest(
                                spans,
                                day.atStartOfDay(zone).toInstant(),
                                day.plusDays(1).atStartOfDay(zone).toInstant()));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Europe/Berlin", "UTC", "Europe/Lisbon"})
    void theOneNamedIsTheLowestOfThirtyDaysAndMoreThanWhatIsPaid(String name) {
        ZoneId zone = ZoneId.of(name);
        Random random = new Random(2019_2161);
        int named = 0;
        for (int i = 0; i < HISTORIES; i++) {
            List<PriceSpan> spans = history(random);
            PriceSpan last = spans.get(spans.size() - 1);
            Announced now = new Announced(last.price(), null, random.nextInt(4) > 0);

            Optional<BigDecimal> before = LowestPrice.before(spans, now, zone);

            boolean lowered = now.forATime()
                    && spans.size() > 1
                    && spans.get(spans.size() - 2).price().compareTo(now.price()) > 0;
            Instant first = last.from()
                    .atZone(zone)
                    .toLocalDate()
                    .minusDays(LowestPrice.DAYS)
                    .atStartOfDay(zone)
                    .toInstant();
            Optional<BigDecimal> expected = lowered
                    ? lowest(spans, first, last.from()).filter(price -> price.compareTo(now.price()) > 0)
                    : Optional.empty();
            assertThat(before).as(now + " after " + spans).isEqualTo(expected);
            named += before.isPresent() ? 1 : 0;
        }
        assertThat(named).isGreaterThan(HISTORIES / 20);
    }
}
