package dev.steelyard.core.card;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which goods are meant. */
public sealed interface GoodsRule {

    GoodsRule EVERYTHING = new Everything();

    /** Whether a product is meant. */
    boolean fits(Product product);

    /** Whether a line of an item is meant: the same, but for rules that name SKUs of variants. */
    default boolean fits(Item item) {
        return fits(item.product());
    }

    record Everything() implements GoodsRule {
        @Override
        public boolean fits(Product product) {
            return true;
        }
    }

    /** Goods that have one of some values of an attribute. */
    record Is(Attribute attribute, Set<String> values) implements GoodsRule {
        public Is {
            values = Set.copyOf(values);
        }

        @Override
        public boolean fits(Product product) {
            return attribute.of(product).stream().anyMatch(values::contains);
        }

        @Override
        public boolean fits(Item item) {
            return attribute == Attribute.SKU ? values.contains(item.sku().value()) : fits(item.product());
        }
    }

    /**
     * Goods whose shelf price lies between two prices, ends included.
     *
     * @param least none for no lower end
     * @param most none for no upper end
     */
    record PriceBetween(@Nullable BigDecimal least, @Nullable BigDecimal most) implements GoodsRule {
        @Override
        public boolean fits(Product product) {
            BigDecimal price = product.shelfPrice();
            return price != null
                    && (least == null || price.compareTo(least) >= 0)
                    && (most == null || price.compareTo(most) <= 0);
        }
    }

    /** Goods that all of some rules mean. */
    record All(List<GoodsRule> rules) implements GoodsRule {
        public All {
            rules = List.copyOf(rules);
        }

        @Override
        public boolean fits(Product product) {
            return rules.stream().allMatch(rule -> rule.fits(product));
        }

        @Override
        public boolean fits(Item item) {
            return rules.stream().allMatch(rule -> rule.fits(item));
        }
    }

    /** Goods that one of some rules means. */
    record Any(List<GoodsRule> rules) implements GoodsRule {
        public Any {
            rules = List.copyOf(rules);
        }

        @Override
        public boolean fits(Product product) {
            return rules.stream().anyMatch(rule -> rule.fits(product));
        }

        @Override
        public boolean fits(Item item) {
            return rules.stream().anyMatch(rule -> rule.fits(item));
        }
    }

    /** What goods are told apart by. */
    enum Attribute {
        PRODUCT("products"),
        /** A category means those below it too. */
        CATEGORY("categories"),
        BRAND("brands"),
        TYPE("types"),
        SUPPLIER("suppliers"),
        TAG("tags"),
        /** What is put into a basket: a variant, or a product without variants. */
        SKU("skus");

        private final String code;

        Attribute(String code) {
            this.code = code;
        }

        /** The word in files. */
        public String code() {
            return code;
        }

        /** The values a product has: a category with all above it. */
        public Set<String> of(Product product) {
            return switch (this) {
                case PRODUCT -> product.names();
                case CATEGORY -> product.traits().categories();
                case BRAND -> product.traits().brand();
                case TYPE -> product.traits().type();
                case SUPPLIER -> product.traits().supplier();
                case TAG -> product.traits().tags();
                case SKU -> product.itemSkus();
            };
        }
    }
}
