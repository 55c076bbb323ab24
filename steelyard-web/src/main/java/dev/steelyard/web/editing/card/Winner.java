package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.pricing.Verdict;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.CardInForce;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.words.Words;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * “Who wins?”: which card prices a product for a customer on a day, and why the others do not.
 *
 * @param asked what is picked
 * @param goods that can be picked
 * @param says what each card has to say, in order; empty where nothing is sold by that SKU
 */
record Winner(Question asked, List<Goods> goods, List<Says> says) {

    /** What is asked, as typed: empty for the first product, everyone, no country, now. */
    record Question(String sku, String group, String country, String day, boolean signedIn) {

        ZonedDateTime at(ZonedDateTime now) {
            LocalDate day = DayText.read(day());
            return day == null || day.equals(now.toLocalDate())
                    ? now
                    : day.atTime(12, 0).atZone(now.getZone());
        }

        Customer customer(List<String> groups) {
            @Nullable String known = groups.contains(group) ? group : null;
            return new Customer(known, signedIn || known != null, false, Countries.code(country));
        }
    }

    record Goods(String sku, String name) {}

    /**
     * What a card has to say.
     *
     * @param wins whether it prices the order
     * @param covers whether it covers the product at all
     * @param why in words
     */
    record Says(String card, boolean wins, boolean covers, String why) {}

    static Winner of(Question asked, BookInForce book, List<String> groups, ZonedDateTime now) {
        List<Goods> goods = book.goods().stream()
                .map(Product::items)
                .flatMap(List::stream)
                .limit(Subject.MOST_LISTED)
                .map(item -> new Goods(item.sku().value(), item.name()))
                .toList();
        Item known = book.directory().item(asked.sku());
        Item item = known != null || goods.isEmpty()
                ? known
                : book.directory().item(goods.get(0).sku());
        if (item == null) {
            return new Winner(asked, goods, List.of());
        }
        Question picked = new Question(
                item.sku().value(),
                asked.group(),
                asked.country(),
                asked.day().isEmpty() ? now.toLocalDate().toString() : asked.day(),
                asked.signedIn());
        return new Winner(
                picked, goods, says(book.book().verdicts(item.sku(), asked.customer(groups), asked.at(now)), book));
    }

    /** A card of which another version is planned speaks once where both say the same. */
    private static List<Says> says(List<Verdict> verdicts, BookInForce book) {
        List<Says> all = new ArrayList<>();
        long last = 0;
        for (int i = 0; i < verdicts.size(); i++) {
            CardInForce version = i < book.cards().size() ? book.cards().get(i) : null;
            Says says = says(verdicts.get(i));
            boolean again = version != null && version.id() == last;
            if (!again) {
                all.add(says);
            } else if (says.covers()) {
                all.add(new Says(
                        says.card() + ", version "
                                + Objects.requireNonNull(version).version(),
                        says.wins(),
                        true,
                        says.why()));
            }
            last = version == null ? 0 : version.id();
        }
        return all;
    }

    private static Says says(Verdict verdict) {
        String why =
                switch (verdict.outcome()) {
                    case WINS -> "prices it";
                    case BELOW_THE_WINNER -> "would price it, but a card above does";
                    case NOT_COVERED -> "does not cover it";
                    case PASSED_OVER -> "covers it, but "
                            + Words.owners()
                                    .say(Objects.requireNonNull(verdict.passedOver())
                                            .said());
                };
        return new Says(
                verdict.card().name(),
                verdict.outcome() == Verdict.Outcome.WINS,
                verdict.outcome() != Verdict.Outcome.NOT_COVERED,
                why);
    }
}
