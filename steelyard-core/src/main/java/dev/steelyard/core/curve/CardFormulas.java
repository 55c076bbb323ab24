package dev.steelyard.core.curve;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.ast.Nodes;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.pricing.ShopRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** The formulas of a card, looked into. */
final class CardFormulas {

    private CardFormulas() {}

    /** The conditions of a card: of cases, of asks, and its joint limits. */
    static List<String> conditions(RateCard card) {
        List<String> texts = new ArrayList<>();
        card.cases().first().forEach(one -> texts.add(one.when()));
        card.limits().forEach(limit -> texts.add(limit.that()));
        card.asks().stream().map(Ask::shownWhen).filter(Objects::nonNull).forEach(texts::add);
        return texts;
    }

    /** What a piece priced in one of some ways, and its charges, are worked out from. */
    static List<String> measures(List<PiecePrice> ways, RateCard card) {
        List<String> texts = new ArrayList<>();
        for (PiecePrice way : ways) {
            if (way instanceof PiecePrice.Rate rate) {
                texts.add(rate.amount());
            } else if (way instanceof PiecePrice.ByFormula formula) {
                texts.add(formula.formula());
            }
        }
        for (Choice choice : card.choices()) {
            for (Choice.Option option : choice.options()) {
                if (option.charge() instanceof Charge.PerUnit unit) {
                    texts.add(unit.of());
                }
            }
        }
        return texts;
    }

    static Node node(String text, ShopRules rules) {
        return Parser.parse(text, rules.currency().getCurrencyCode()).node();
    }

    /** Whether any formula of a card reads a name. */
    static boolean reads(RateCard card, String name, ShopRules rules) {
        return Stream.concat(
                        conditions(card).stream(),
                        measures(card.cases().all().stream().map(Case::piece).toList(), card).stream())
                .anyMatch(text -> Nodes.names(node(text, rules)).stream()
                        .anyMatch(one -> one.name().equals(name)));
    }
}
