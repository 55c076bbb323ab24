package dev.steelyard.format;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Moments;
import dev.steelyard.core.card.Times;
import java.time.ZonedDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes which goods, customers and times a card or deal is for. */
final class CoversWriter {

    private CoversWriter() {}

    static void write(ObjectNode node, Covers covers) {
        goods(node, covers.goods(), covers.except());
        audience(node, covers.audience());
        times(node, covers.times());
    }

    /** Goods alone, with “everything” said. */
    static void goodsSet(ObjectNode node, GoodsSet goods) {
        if (goods.rule() instanceof GoodsRule.Everything) {
            node.put("everything", true);
        }
        goods(node, goods.rule(), goods.except());
    }

    private static void goods(ObjectNode node, GoodsRule goods, Set<String> except) {
        if (goods instanceof GoodsRule.Is is) {
            texts(node, is.attribute().code(), is.values());
        } else if (!(goods instanceof GoodsRule.Everything)) {
            rule(node.putObject("rule"), goods);
        }
        texts(node, "except", except);
    }

    static void audience(ObjectNode node, Audience audience) {
        texts(node, "groups", audience.groupsIn());
        texts(node, "notGroups", audience.groupsOut());
        flag(node, "signedIn", audience.signedIn());
        flag(node, "firstOrder", audience.firstOrder());
        texts(node, "countries", audience.countries());
    }

    static void times(ObjectNode node, Times times) {
        CardWriter.text(node, "from", moment(times.from()));
        CardWriter.text(node, "until", moment(times.until()));
        texts(
                node,
                "days",
                times.days().stream()
                        .sorted()
                        .map(day -> FormatWords.of(FormatWords.DAYS, day))
                        .toList());
        CardWriter.text(node, "opens", text(times.opens()));
        CardWriter.text(node, "closes", text(times.closes()));
    }

    private static void rule(ObjectNode node, GoodsRule rule) {
        if (rule instanceof GoodsRule.Is is) {
            texts(node, is.attribute().code(), is.values());
        } else if (rule instanceof GoodsRule.PriceBetween between) {
            ObjectNode prices = node.putObject("shelfPrice");
            CardWriter.decimal(prices, "from", between.least());
            CardWriter.decimal(prices, "to", between.most());
        } else if (rule instanceof GoodsRule.All all) {
            rules(node.putArray("all"), all.rules());
        } else {
            rules(node.putArray("any"), rule instanceof GoodsRule.Any any ? any.rules() : List.of());
        }
    }

    private static void rules(ArrayNode array, List<GoodsRule> rules) {
        rules.forEach(rule -> rule(array.addObject(), rule));
    }

    private static void texts(ObjectNode node, String field, Collection<String> values) {
        if (!values.isEmpty()) {
            ArrayNode array = node.putArray(field);
            (values instanceof List ? values : new TreeSet<>(values)).forEach(array::add);
        }
    }

    private static void flag(ObjectNode node, String field, @Nullable Boolean value) {
        if (value != null) {
            node.put(field, value);
        }
    }

    private static @Nullable String moment(@Nullable ZonedDateTime moment) {
        return moment == null ? null : Moments.written(moment);
    }

    private static @Nullable String text(@Nullable Object time) {
        return time == null ? null : time.toString();
    }
}
