package dev.steelyard.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.card.GoodsRule.Attribute;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoversTest {

    private static final ZonedDateTime THURSDAY = ZonedDateTime.of(2027, 4, 15, 12, 0, 0, 0, ZoneOffset.UTC);
    private static final Product ROPE = new Product(
            new Sku("ROPE-12"),
            "Rope",
            new BigDecimal("3.10"),
            null,
            null,
            null,
            List.of(),
            new Traits(
                    Set.of("rope", "deck"),
                    Set.of("Oakum"),
                    Set.of("line"),
                    Set.of("Hemp & Sons"),
                    Set.of("new", "soft")));

    @Test
    void goodsAreToldApartByWhatTheyAre() {
        assertThat(fits(is(Attribute.PRODUCT, "ROPE-12"))).isTrue();
        assertThat(fits(is(Attribute.PRODUCT, "rope-12"))).isFalse();
        assertThat(fits(is(Attribute.CATEGORY, "chain", "deck"))).isTrue();
        assertThat(fits(is(Attribute.BRAND, "Oakum"))).isTrue();
        assertThat(fits(is(Attribute.TYPE, "line"))).isTrue();
        assertThat(fits(is(Attribute.SUPPLIER, "Others"))).isFalse();
        assertThat(fits(is(Attribute.TAG, "soft"))).isTrue();
    }

    @Test
    void rulesAreJoinedByAllAndAny() {
        GoodsRule softRope = new GoodsRule.All(List.of(is(Attribute.CATEGORY, "rope"), is(Attribute.TAG, "soft")));
        assertThat(fits(softRope)).isTrue();
        assertThat(fits(new GoodsRule.All(List.of(softRope, is(Attribute.BRAND, "Tarred")))))
                .isFalse();
        assertThat(fits(new GoodsRule.Any(List.of(is(Attribute.BRAND, "Tarred"), softRope))))
                .isTrue();
        assertThat(fits(new GoodsRule.Any(List.of()))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"3.10,,true", "3.11,,false", ",3.10,true", ",3.09,false", "1,5,true"})
    void aShelfPriceLiesBetweenWithItsEnds(BigDecimal least, BigDecimal most, boolean fits) {
        assertThat(fits(new GoodsRule.PriceBetween(least, most))).isEqualTo(fits);
        Product without = Product.of(new Sku("A"), "A", null);
        assertThat(new GoodsRule.PriceBetween(least, most).fits(without)).isFalse();
    }

    /** Friday is 16 April 2027. */
    @ParameterizedTest
    @CsvSource({
        "2027-04-16T21:59,false",
        "2027-04-16T22:00,true",
        "2027-04-17T01:59,true",
        "2027-04-17T02:00,false",
        "2027-04-16T01:00,false",
        "2027-04-17T22:30,false"
    })
    void hoursPastMidnightBelongToTheDayTheyOpenOn(LocalDateTime at, boolean open) {
        Times nights = new Times(null, null, Set.of(DayOfWeek.FRIDAY), LocalTime.of(22, 0), LocalTime.of(2, 0));
        assertThat(nights.reasonAgainst(at.atZone(ZoneOffset.UTC)) == null).isEqualTo(open);
    }

    @Test
    void theNextOpeningIsFoundForTrials() {
        Times nights = new Times(null, null, Set.of(DayOfWeek.FRIDAY), LocalTime.of(22, 0), LocalTime.of(2, 0));
        assertThat(nights.openFrom(THURSDAY)).contains(ZonedDateTime.of(2027, 4, 16, 22, 0, 0, 0, ZoneOffset.UTC));
        assertThat(nights.openFrom(ZonedDateTime.of(2027, 4, 17, 1, 0, 0, 0, ZoneOffset.UTC)))
                .contains(ZonedDateTime.of(2027, 4, 17, 1, 0, 0, 0, ZoneOffset.UTC));
        Times early = Times.days(LocalDate.of(2027, 5, 1), null, ZoneOffset.UTC);
        assertThat(early.openFrom(THURSDAY)).contains(ZonedDateTime.of(2027, 5, 1, 0, 0, 0, 0, ZoneOffset.UTC));
        assertThat(Times.days(null, LocalDate.of(2027, 4, 1), ZoneOffset.UTC).openFrom(THURSDAY))
                .isEmpty();
    }

    @Test
    void namedExclusionsWinOverAllElse() {
        Covers covers = new Covers(GoodsRule.EVERYTHING, Set.of("ROPE-12"), Audience.EVERYONE, Times.ALWAYS);
        assertThat(covers.covers(ROPE)).isFalse();
        assertThat(covers.covers(Product.of(new Sku("CHN-8"), "Chain", null))).isTrue();
    }

    @Test
    void customersAreInAGroupOrNone() {
        assertThat(reason(Audience.of("Boatyard"), new Customer("Boatyard"))).isNull();
        assertThat(reason(Audience.of("Boatyard"), Customer.EVERYONE)).isEqualTo(PassedOverFor.CUSTOMER);
        Audience noYards = new Audience(Set.of(), Set.of("Boatyard"), null, null, Set.of());
        assertThat(reason(noYards, new Customer("Boatyard"))).isEqualTo(PassedOverFor.CUSTOMER);
        assertThat(reason(noYards, Customer.EVERYONE)).isNull();
    }

    @Test
    void customersAreSignedInOrOrderForTheFirstTime() {
        Audience signedIn = new Audience(Set.of(), Set.of(), true, null, Set.of());
        assertThat(reason(signedIn, new Customer(null, true, false, null))).isNull();
        assertThat(reason(signedIn, Customer.EVERYONE)).isEqualTo(PassedOverFor.CUSTOMER);
        Audience later = new Audience(Set.of(), Set.of(), null, false, Set.of());
        assertThat(reason(later, new Customer(null, true, true, null))).isEqualTo(PassedOverFor.CUSTOMER);
    }

    @Test
    void aCountryMustBeKnownWhereItMatters() {
        Audience abroad = new Audience(Set.of(), Set.of(), null, null, Set.of("XA", "XB"));
        assertThat(reason(abroad, new Customer(null, false, false, "XB"))).isNull();
        assertThat(reason(abroad, new Customer(null, false, false, "XC"))).isEqualTo(PassedOverFor.COUNTRY);
        assertThat(reason(abroad, Customer.EVERYONE)).isEqualTo(PassedOverFor.COUNTRY);
    }

    @Test
    void datesBeginInclusiveAndEndExclusive() {
        Times april = Times.days(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 1), ZoneOffset.UTC);
        assertThat(april.reasonAgainst(ZonedDateTime.of(2027, 3, 31, 23, 59, 0, 0, ZoneOffset.UTC)))
                .isEqualTo(PassedOverFor.NOT_YET);
        assertThat(april.reasonAgainst(ZonedDateTime.of(2027, 4, 1, 0, 0, 0, 0, ZoneOffset.UTC)))
                .isNull();
        assertThat(april.reasonAgainst(ZonedDateTime.of(2027, 5, 1, 0, 0, 0, 0, ZoneOffset.UTC)))
                .isEqualTo(PassedOverFor.NO_LONGER);
        assertThatThrownBy(() -> Times.days(LocalDate.of(2027, 5, 1), LocalDate.of(2027, 5, 1), ZoneOffset.UTC))
                .hasMessage("until (2027-05-01T00:00) must be after from (2027-05-01T00:00)");
    }

    @ParameterizedTest
    @CsvSource({
        "08:00,18:00,08:00,true",
        "08:00,18:00,18:00,false",
        "20:00,06:00,23:00,true",
        "20:00,06:00,05:59,true",
        "20:00,06:00,06:00,false",
        "09:00,,23:59,true",
        "09:00,,08:59,false",
        ",12:00,11:59,true",
        ",12:00,12:00,false"
    })
    void hoursMayGoOverNight(LocalTime opens, LocalTime closes, LocalTime at, boolean open) {
        Times times = new Times(null, null, Set.of(), opens, closes);
        assertThat(times.reasonAgainst(THURSDAY.with(at))).isEqualTo(open ? null : PassedOverFor.NOT_NOW);
    }

    @Test
    void daysOfTheWeekAreThoseNamed() {
        Times weekend = new Times(null, null, Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), null, null);
        assertThat(weekend.reasonAgainst(THURSDAY)).isEqualTo(PassedOverFor.NOT_NOW);
        assertThat(weekend.reasonAgainst(THURSDAY.plusDays(2))).isNull();
    }

    @Test
    void takingAllOfAnotherIsMoreThanMeetingIt() {
        Covers yards = audience(Audience.of("Boatyard"));
        Covers both = audience(Audience.of("Boatyard", "Crew club"));
        Covers everyone = Covers.EVERYTHING;
        assertThat(both.takesAllOf(yards)).isTrue();
        assertThat(yards.takesAllOf(both)).isFalse();
        assertThat(yards.meets(both)).isTrue();
        assertThat(everyone.takesAllOf(both)).isTrue();
        assertThat(yards.takesAllOf(everyone)).isFalse();
        Covers mornings = new Covers(
                GoodsRule.EVERYTHING,
                Set.of(),
                Audience.EVERYONE,
                new Times(null, null, Set.of(), null, LocalTime.NOON));
        assertThat(mornings.takesAllOf(everyone)).isFalse();
        assertThat(everyone.takesAllOf(mornings)).isTrue();
    }

    /** Over many audiences: what takes all of another leaves no customer of it. */
    @Test
    void takingAllHoldsForEveryCustomer() {
        List<Audience> all = new ArrayList<>();
        for (Set<String> in : List.of(Set.<String>of(), Set.of("A"), Set.of("A", "B"))) {
            for (Set<String> out : List.of(Set.<String>of(), Set.of("B"))) {
                for (Set<String> countries : List.of(Set.<String>of(), Set.of("XA"))) {
                    all.add(new Audience(in, out, null, null, countries));
                    all.add(new Audience(in, out, true, null, countries));
                }
            }
        }
        List<Customer> customers = new ArrayList<>();
        for (String group : Arrays.asList(null, "A", "B", "C")) {
            for (String country : Arrays.asList(null, "XA", "XB")) {
                customers.add(new Customer(group, true, false, country));
                customers.add(new Customer(group, false, false, country));
            }
        }
        for (Audience one : all) {
            for (Audience other : all) {
                boolean leavesNone = customers.stream()
                        .noneMatch(who -> other.reasonAgainst(who) == null && one.reasonAgainst(who) != null);
                boolean share = customers.stream()
                        .anyMatch(who -> other.reasonAgainst(who) == null && one.reasonAgainst(who) == null);
                if (one.takesAllOf(other)) {
                    assertThat(leavesNone).as("%s takes all of %s", one, other).isTrue();
                }
                if (share) {
                    assertThat(one.meets(other)).as("%s meets %s", one, other).isTrue();
                }
            }
        }
    }

    @Test
    void aPartOfTimeKeepsDaysAndHours() {
        ZonedDateTime april = ZonedDateTime.of(2027, 4, 1, 0, 0, 0, 0, ZoneOffset.UTC);
        ZonedDateTime may = ZonedDateTime.of(2027, 5, 1, 0, 0, 0, 0, ZoneOffset.UTC);
        Times spring = new Times(april, may, Set.of(DayOfWeek.FRIDAY), LocalTime.of(9, 0), null);
        assertThat(spring.within(null, null)).contains(spring);
        assertThat(spring.within(april.minusDays(9), may.plusDays(9))).contains(spring);
        assertThat(spring.within(april.plusDays(3), null))
                .contains(new Times(april.plusDays(3), may, Set.of(DayOfWeek.FRIDAY), LocalTime.of(9, 0), null));
        assertThat(spring.within(null, april)).as("its end is not part of it").isEmpty();
        assertThat(spring.within(may, null)).isEmpty();
        assertThat(Covers.EVERYTHING.within(april, may).orElseThrow().times())
                .isEqualTo(new Times(april, may, Set.of(), null, null));
    }

    private static Covers audience(Audience audience) {
        return new Covers(GoodsRule.EVERYTHING, Set.of(), audience, Times.ALWAYS);
    }

    private static GoodsRule is(Attribute attribute, String... values) {
        return new GoodsRule.Is(attribute, Set.of(values));
    }

    private static boolean fits(GoodsRule rule) {
        return rule.fits(ROPE);
    }

    private static PassedOverFor reason(Audience audience, Customer customer) {
        return audience(audience).reasonAgainst(customer, THURSDAY);
    }
}
