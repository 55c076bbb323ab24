package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.web.base.page.TypedNumbers;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Answers as typed into a page's fields: {@code a.length} for what was typed or picked, {@code u.length} for the unit
 * picked beside it.
 *
 * @param pack the pack picked; empty for none
 */
public record TypedAnswers(Map<String, String> fields, String pack) {

    public static final String ANSWER = "a.";
    public static final String UNIT = "u.";

    /** Nothing typed. */
    public static final TypedAnswers NONE = new TypedAnswers(Map.of(), "");

    public TypedAnswers {
        fields = Map.copyOf(fields);
    }

    /** What was typed for an ask; empty for nothing. */
    public String answer(String ask) {
        return fields.getOrDefault(ANSWER + ask, "");
    }

    /** The unit picked for an ask; empty for none. */
    public String unit(String ask) {
        return fields.getOrDefault(UNIT + ask, "");
    }

    /** Whether a pack is picked that the card has. */
    public boolean packPicked(RateCard card) {
        return !pack.isEmpty() && packs(card).contains(pack);
    }

    /** As the card asks for them; what it does not ask is left out. */
    public Answers answers(RateCard card) {
        Map<String, Answer> byName = new LinkedHashMap<>();
        boolean picked = packPicked(card);
        for (Ask ask : card.asks()) {
            String typed = answer(ask.name());
            if (picked && isOwnAmount(card, ask.name())) {
                continue;
            }
            if (ask instanceof Measurement measurement) {
                String unit = unit(ask.name());
                boolean own = unit.isEmpty() || unit.equals(measurement.unit().code());
                byName.put(ask.name(), Answer.pasted(TypedNumbers.measure(typed), own ? null : unit));
            } else if (!typed.isEmpty()) {
                byName.put(ask.name(), Answer.of(typed));
            }
        }
        return new Answers(byName, picked ? pack : null);
    }

    private static boolean isOwnAmount(RateCard card, String name) {
        return card.cases().all().stream()
                .anyMatch(one -> one.piece() instanceof PiecePrice.Packs packs
                        && packs.own() != null
                        && packs.own().by().equals(name));
    }

    /** Only what is typed for asks of these names, and the pack. */
    public TypedAnswers only(Iterable<String> names) {
        Map<String, String> kept = new LinkedHashMap<>();
        for (String name : names) {
            for (String field : List.of(ANSWER + name, UNIT + name)) {
                if (!fields.getOrDefault(field, "").isEmpty()) {
                    kept.put(field, fields.get(field));
                }
            }
        }
        return new TypedAnswers(kept, pack);
    }

    /** The names of the packs that can be picked. */
    public static List<String> packs(RateCard card) {
        return card.cases().all().stream()
                .filter(one -> one.piece() instanceof PiecePrice.Packs)
                .flatMap(
                        one -> ((PiecePrice.Packs) one.piece()).packs().stream().map(PiecePrice.Pack::name))
                .distinct()
                .toList();
    }
}
