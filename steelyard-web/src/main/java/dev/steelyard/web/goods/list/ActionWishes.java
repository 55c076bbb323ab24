package dev.steelyard.web.goods.list;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.sheet.Adjustment;
import dev.steelyard.core.sheet.KeptPrice;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.web.goods.GoodsPrices;
import dev.steelyard.web.goods.GoodsPrices.Priced;
import dev.steelyard.web.goods.sheets.PriceWish;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Works out what actions on picked goods want their prices to be. */
@Component
class ActionWishes {

    private static final int GOODS_AT_A_TIME = 1_000;

    private final GoodsPrices prices;
    private final Shops shops;

    ActionWishes(GoodsPrices prices, Shops shops) {
        this.prices = prices;
        this.shops = shops;
    }

    /** Prices moved by a rule; those it leaves as they are, are no wish. */
    List<PriceWish> adjusted(List<Long> products, Predicate<PriceLine> picked, Adjustment by) {
        ShopRules rules = shops.current().rules();
        List<PriceWish> wishes = new ArrayList<>();
        each(products, goods -> {
            for (KeptPrice kept : goods.now().kept()) {
                PriceLine line = kept.line();
                if (picked.test(line)) {
                    BigDecimal price = by.of(line.price(), rounding(rules, goods));
                    if (price.compareTo(line.price()) != 0) {
                        wishes.add(new PriceWish(goods.sku(), priced(line, price, line.group()), kept.key(), false));
                    }
                }
            }
        });
        return wishes;
    }

    /**
     * Prices of one group made from those of another.
     *
     * @param from none for everyone
     * @param first whether the shelf price makes a row from 1, where the goods have one
     */
    List<PriceWish> ofGroup(List<Long> products, String to, @Nullable String from, boolean first, Adjustment by) {
        ShopRules rules = shops.current().rules();
        List<PriceWish> wishes = new ArrayList<>();
        each(products, goods -> {
            List<KeptPrice> kept = goods.now().kept();
            for (KeptPrice one : kept) {
                PriceLine line = one.line();
                if (!line.isShelf() && Objects.equals(line.group(), from)) {
                    wishes.add(new PriceWish(
                            goods.sku(), priced(line, by.of(line.price(), rounding(rules, goods)), to), null, false));
                }
            }
            boolean begins = kept.stream()
                    .anyMatch(one -> Objects.equals(one.line().from(), 1)
                            && Objects.equals(one.line().group(), from));
            kept.stream()
                    .filter(one -> one.line().isShelf() && first && !begins)
                    .forEach(shelf -> wishes.add(new PriceWish(
                            goods.sku(),
                            new PriceLine(to, 1, by.of(shelf.line().price(), rounding(rules, goods)), Validity.ALWAYS),
                            null,
                            false)));
        });
        return wishes;
    }

    /**
     * The price rows of one item for others.
     *
     * @param inPercent whether they keep their distance from the shelf price in percent, instead of being the same prices
     * @param only whether other rows are taken off
     */
    List<PriceWish> ladder(List<Long> products, Priced source, boolean inPercent, boolean only) {
        BigDecimal shelf = source.now().item().shelfPrice();
        List<KeptPrice> rows = source.now().kept().stream()
                .filter(one -> !one.line().isShelf())
                .toList();
        ShopRules rules = shops.current().rules();
        List<PriceWish> wishes = new ArrayList<>();
        each(products, goods -> {
            BigDecimal own = goods.now().item().shelfPrice();
            if (goods.sku().equals(source.sku())
                    || goods.variantId() != null && rowsOf(goods).isEmpty()) {
                return; // a variant without rows of its own has the product's
            }
            if (inPercent && (own == null || shelf == null || shelf.signum() == 0)) {
                return;
            }
            List<PriceLine> wanted = new ArrayList<>();
            for (KeptPrice row : rows) {
                BigDecimal price = inPercent
                        ? rounding(rules, goods)
                                .pricePerPiece(row.line()
                                        .price()
                                        .multiply(Objects.requireNonNull(own), Decimals.EXACT)
                                        .divide(Objects.requireNonNull(shelf), Decimals.EXACT))
                                .value()
                        : row.line().price();
                wanted.add(priced(row.line(), price, row.line().group()));
            }
            wanted.forEach(line -> wishes.add(new PriceWish(goods.sku(), line, null, false)));
            if (only) {
                rowsOf(goods).stream()
                        .filter(kept -> wanted.stream().noneMatch(line -> line.sameAs(kept.line())))
                        .forEach(kept -> wishes.add(new PriceWish(goods.sku(), kept.line(), kept.key(), true)));
            }
        });
        return wishes;
    }

    private static List<KeptPrice> rowsOf(Priced goods) {
        return goods.now().kept().stream().filter(one -> !one.line().isShelf()).toList();
    }

    private static PriceLine priced(PriceLine line, BigDecimal price, @Nullable String group) {
        return new PriceLine(group, line.from(), price, line.validity());
    }

    private static Rounding rounding(ShopRules rules, Priced goods) {
        return rules.roundingFor(goods.now().item());
    }

    private void each(List<Long> products, Consumer<Priced> with) {
        for (int from = 0; from < products.size(); from += GOODS_AT_A_TIME) {
            prices.of(products.subList(from, Math.min(products.size(), from + GOODS_AT_A_TIME)))
                    .forEach(with);
        }
    }
}
