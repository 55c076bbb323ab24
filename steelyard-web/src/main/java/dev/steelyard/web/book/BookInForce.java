package dev.steelyard.web.book;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.shared.SharedList;
import dev.steelyard.web.goods.Assortment;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.shop.Shop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A price book with the revision of prices it was made from.
 *
 * @param shop the settings it was made with
 * @param assortment all that it sells
 * @param cards what prices them now or later, in the order in which it is tried
 * @param deals what reduces baskets now or later, in the order in which it is applied
 * @param margins to be kept
 * @param groups of customers, by name
 * @param categories what those are called that are named in several languages, by name
 */
public record BookInForce(
        Shop shop,
        Assortment assortment,
        List<CardInForce> cards,
        List<DealInForce> deals,
        Margins margins,
        List<String> groups,
        Map<String, Wording> categories,
        PriceBook book) {

    /** All that it sells, by name. */
    public SharedList<SoldProduct> sold() {
        return assortment.goods();
    }

    /** The same, as prices see it, to look things up in. */
    public GoodsDirectory directory() {
        return assortment.directory();
    }

    /** All that it sells, as prices see it, by name. */
    public SharedList<Product> goods() {
        return directory().all();
    }

    /** What a category is called in each language. */
    public Wording category(String name) {
        return categories.getOrDefault(name, Wording.of(name));
    }

    public long revision() {
        return shop.revision();
    }

    /** The version of a card that this book prices with; none for the shelf price. */
    public @Nullable CardInForce version(PreparedCard card) {
        for (CardInForce one : cards) {
            if (one.card() == card) {
                return one;
            }
        }
        return null;
    }

    /** The version of a deal that this book has it by; none for one it does not have. */
    public @Nullable DealInForce version(Deal deal) {
        return deals.stream().filter(one -> one.deal() == deal).findFirst().orElse(null);
    }

    /** The same book with other cards in this order: cards tried before they are live. */
    public PriceBook withCards(List<PreparedCard> order) {
        return next(order, new SharedList.Change<>(List.of(), List.of()));
    }

    /** The same book with other goods: prices of goods tried before they are live. */
    public PriceBook withGoods(List<Product> gone, List<Product> come) {
        return next(cards.stream().map(CardInForce::card).toList(), new SharedList.Change<>(gone, come));
    }

    private PriceBook next(List<PreparedCard> order, SharedList.Change<Product> goods) {
        return book.next(
                shop.rules(), order, deals.stream().map(DealInForce::deal).toList(), book.tax(), goods);
    }

    /** When a version of a card or deal counts; none where this book does not have it. */
    public Optional<Times> times(long id, long number) {
        return Stream.concat(
                        cards.stream()
                                .filter(card -> card.id() == id && card.number() == number)
                                .map(card -> card.card().card().covers().times()),
                        deals.stream()
                                .filter(deal -> deal.id() == id && deal.number() == number)
                                .map(deal -> deal.deal().conditions().times()))
                .findFirst();
    }
}
