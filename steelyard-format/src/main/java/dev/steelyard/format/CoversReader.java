package dev.steelyard.format;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Moments;
import dev.steelyard.core.card.Times;
import java.time.DayOfWeek;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads which goods, customers and times a card or deal is for. */
final class CoversReader {

    private static final int DEEPEST = 10;

    private CoversReader() {}

    /** What a card covers. */
    static Covers read(Obj in) {
        Covers covers = new Covers(named(in), in.textSet("except"), audience(in), times(in));
        in.done();
        return covers;
    }

    /** Goods alone, as deals name them. */
    static GoodsSet goodsSet(Obj in) {
        GoodsSet goods = new GoodsSet(named(in), in.textSet("except"));
        in.done();
        return goods;
    }

    /** What is named, or everything, which may be said as such. */
    private static GoodsRule named(Obj in) {
        boolean everything = in.flag("everything", false);
        GoodsRule rule = goods(in);
        if (everything && rule != GoodsRule.EVERYTHING) {
            in.fault("everything", "either everything is covered, or what is named");
        }
        return rule;
    }

    private static GoodsRule goods(Obj in) {
        List<GoodsRule> any = new ArrayList<>(attributes(in));
        Obj rule = in.optionalObject("rule");
        if (rule != null) {
            any.add(rule(rule, 0));
        }
        return any.isEmpty() ? GoodsRule.EVERYTHING : any.size() == 1 ? any.get(0) : new GoodsRule.Any(any);
    }

    static Audience audience(Obj in) {
        return new Audience(
                in.textSet("groups"),
                in.textSet("notGroups"),
                in.optionalFlag("signedIn"),
                in.optionalFlag("firstOrder"),
                in.textSet("countries"));
    }

    private static List<GoodsRule> attributes(Obj in) {
        List<GoodsRule> rules = new ArrayList<>();
        for (Attribute attribute : Attribute.values()) {
            if (in.has(attribute.code())) {
                Set<String> values = in.textSet(attribute.code());
                if (values.isEmpty()) {
                    in.fault(attribute.code(), "name at least one, or say that everything is meant");
                }
                rules.add(new GoodsRule.Is(attribute, values));
            }
        }
        return rules;
    }

    private static GoodsRule rule(Obj in, int depth) {
        if (depth > DEEPEST) {
            in.fault("", "rules are nested at most " + DEEPEST + " deep");
            return GoodsRule.EVERYTHING;
        }
        List<GoodsRule> parts = new ArrayList<>(attributes(in));
        if (in.has("all")) {
            parts.add(new GoodsRule.All(in.objects("all", part -> rule(part, depth + 1))));
        }
        if (in.has("any")) {
            parts.add(new GoodsRule.Any(in.objects("any", part -> rule(part, depth + 1))));
        }
        Obj between = in.optionalObject("shelfPrice");
        if (between != null) {
            parts.add(new GoodsRule.PriceBetween(between.optionalDecimal("from"), between.optionalDecimal("to")));
            between.done();
        }
        in.done();
        if (parts.size() != 1) {
            in.fault(
                    "",
                    "a rule is one of all, any, shelfPrice, "
                            + Arrays.stream(Attribute.values())
                                    .map(Attribute::code)
                                    .collect(Collectors.joining(", ")));
        }
        return parts.isEmpty() ? GoodsRule.EVERYTHING : parts.get(0);
    }

    static Times times(Obj in) {
        ZonedDateTime from = in.parsed("from", TimeText.MOMENT);
        ZonedDateTime until = in.parsed("until", TimeText.MOMENT);
        if (from != null && until != null && !from.isBefore(until)) {
            in.fault(
                    "until",
                    "“until” (" + Moments.written(until) + ") must be after “from” (" + Moments.written(from) + ")");
            until = null;
        }
        Set<DayOfWeek> days = new LinkedHashSet<>();
        for (String word : in.texts("days")) {
            DayOfWeek day = FormatWords.DAYS.get(word);
            if (day == null) {
                in.fault("days", "“" + word + "” is none of " + String.join(", ", FormatWords.DAYS.keySet()));
            } else {
                days.add(day);
            }
        }
        return new Times(from, until, days, in.parsed("opens", TimeText.TIME), in.parsed("closes", TimeText.TIME));
    }
}
