package dev.steelyard.web.start.demo;

import dev.steelyard.core.card.Customer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The made-up people and yards that buy at the demo shop, again and again. */
final class DemoBuyers {

    private static final List<String> FIRST =
            List.of("Ada", "Bente", "Carl", "Dina", "Enno", "Fenja", "Gesa", "Hauke", "Imke", "Jella", "Keno", "Lasse");
    private static final List<String> LAST =
            List.of("Harms", "Lüders", "Petersen", "Quast", "Rohde", "Siems", "Tamm", "Voss", "Wulf", "Zander");
    private static final List<String> YARDS =
            List.of("North Quay Boats", "Slipway & Sons", "Fairlead Yard", "Bollard Boatworks");
    private static final List<String> SCHOOLS = List.of("First Tack School", "Windward Sailing School");
    private static final List<String> COUNTRIES = List.of("DE", "DE", "DE", "DE", "DE", "DE", "DE", "NL", "FR", "AT");
    private static final int PEOPLE = 240;
    private static final int CLUB = 40;

    private final List<Buyer> people = new ArrayList<>();
    private final List<Buyer> club = new ArrayList<>();
    private final List<Buyer> yards = new ArrayList<>();
    private final List<Buyer> schools = new ArrayList<>();
    private final Set<String> bought = new HashSet<>();
    private final Random random;

    /** @param group none for everyone's prices */
    record Buyer(String name, String email, @Nullable String group, String country) {}

    DemoBuyers(Random random) {
        this.random = random;
        for (int i = 0; i < PEOPLE; i++) {
            person(people, i, null);
        }
        for (int i = 0; i < CLUB; i++) {
            person(club, PEOPLE + i, "Crew club");
        }
        YARDS.forEach(name -> firm(yards, name, "Boatyard"));
        SCHOOLS.forEach(name -> firm(schools, name, "Sailing school"));
    }

    private void person(List<Buyer> to, int number, @Nullable String group) {
        String first = FIRST.get(number % FIRST.size());
        String last = LAST.get(number / FIRST.size() % LAST.size());
        to.add(new Buyer(
                first + " " + last,
                "buyer" + number + "@example.org",
                group,
                COUNTRIES.get(random.nextInt(COUNTRIES.size()))));
    }

    private static void firm(List<Buyer> to, String name, String group) {
        to.add(new Buyer(name, "orders" + to.size() + "." + group.charAt(0) + "@example.org", group, "DE"));
    }

    /** Of a hundred orders 72 are everyone's, 12 of boatyards, 6 of schools, 10 of the club. */
    Buyer any() {
        int which = random.nextInt(100);
        List<Buyer> of = which < 72 ? people : which < 84 ? yards : which < 90 ? schools : club;
        return of.get(random.nextInt(of.size()));
    }

    /** As prices see them; the first time is a first order. */
    Customer customer(Buyer buyer) {
        return new Customer(buyer.group(), buyer.group() != null, bought.add(buyer.email()), buyer.country());
    }
}
