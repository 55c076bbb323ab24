package dev.steelyard.web.editing.card;

import dev.steelyard.core.ladder.LadderGenerator;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.format.Documents;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Thresholds;
import dev.steelyard.web.editing.trial.CardTrial;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** Changes of the card's parts as wholes, each asked for by a word: add, remove, price in another way, mend. */
final class CardEdits {

    private final Subject subject;

    CardEdits(Subject subject) {
        this.subject = subject;
    }

    /** Does what the form asks for to a document, which has what is typed in it already. */
    void apply(String wish, DraftDocument document, CardForm form) {
        String at = form.value("at");
        String to = form.value("to");
        String currency = subject.shop().currency();
        LadderEdits ladder = new LadderEdits(document);
        NewParts parts = new NewParts(document, currency);
        switch (wish) {
            case "add" -> parts.add(to, at, form.value("value"));
            case "remove" -> remove(document, at);
            case "up" -> document.move(at, -1);
            case "down" -> document.move(at, 1);
            case "set" -> document.put(at, to);
            case "way" -> parts.way(at, to);
            case "charge" -> charge(document, at, to);
            case "write-cases" -> parts.cases();
            case "rate-breaks" -> Ways.rateBreaks(document, at);
            case "own-amount" -> Ways.ownAmount(document, at, currency);
            case "pick-add" -> pick(document, at, -1);
            case "pick-remove" -> pick(document, at, number(form, "row"));
            case "ladder" -> ladder.kind(to);
            case "hang" -> ladder.hang(at, form.value("from"), form.value("value"));
            case "sort" -> Thresholds.sort(document, at);
            case "take-off" -> ladder.takeOff(at, form.value("following"));
            case "generate" -> generate(ladder, form);
            case "paste-rows" -> ladder.paste(
                    at, number(form, "row"), number(form, "column"), form.value("value"), subject.groupNames());
            case "paste-grid" -> new GridEdits(document, at)
                    .paste(number(form, "row"), number(form, "column"), form.value("value"));
            case "add-column" -> new GridEdits(document, at).addColumn();
            case "add-row" -> new GridEdits(document, at).addRow();
            case "remove-column" -> new GridEdits(document, at).removeColumn(number(form, "column"));
            case "remove-row" -> new GridEdits(document, at).removeRow(number(form, "row"));
            case "mend" -> mend(document, at, to, form.value("value"));
            case "mend-text" -> mendText(document, at, form);
            case "covers-flag" -> {
                if (to.isEmpty()) {
                    document.remove(at);
                } else {
                    document.put(at, to.equals("on"));
                }
            }
            case "keep-weight" -> keepWeight(document, form);
            case "renew-weight" -> renewWeight(document, number(form, "row"));
            case "drop-weight" -> {
                if (number(form, "row") < document.weights().size()) {
                    document.weights().remove(number(form, "row"));
                }
            }
            default -> {} // a look changes nothing more
        }
    }

    /** One comparison more in a condition that is picked, or one less; the last one takes the condition away. */
    private void pick(DraftDocument document, String at, int without) {
        Picks.of(document.text(at), subject.shop().currency()).ifPresent(picks -> {
            List<Picks.Pick> list = new ArrayList<>(picks.list());
            if (without < 0) {
                list.add(list.get(list.size() - 1));
            } else if (without < list.size()) {
                list.remove(without);
            }
            document.put(at, list.isEmpty() ? "" : Picks.write(new Picks(picks.all(), list)));
        });
    }

    /** The last case has no condition, whichever that is now. */
    private static void remove(DraftDocument document, String at) {
        document.remove(at);
        int cases = document.at("/cases").size();
        if (at.startsWith("/cases/") && cases > 0) {
            document.remove("/cases/" + (cases - 1) + "/when");
        }
    }

    private static void charge(DraftDocument document, String option, String kind) {
        if (kind.equals("none")) {
            document.remove(option + "/charge");
            return;
        }
        ObjectNode charge = document.object(option + "/charge");
        String amount = charge.valueStream()
                .map(value -> value.asString(""))
                .filter(text -> text.matches("-?[0-9.]+"))
                .findFirst()
                .orElse("1.00");
        charge.removeAll();
        charge.put(kind, amount);
        if (kind.equals("perUnit")) {
            charge.put("per", "m").put("of", edge(document));
        }
    }

    /** The edge of a piece of two sides, or the first thing measured. */
    private static String edge(DraftDocument document) {
        var lengths = document.at("/asks")
                .valueStream()
                .filter(ask -> ask.path("kind").asString("").equals("length"))
                .map(ask -> ask.path("measurement").asString(""))
                .toList();
        return lengths.size() > 1
                ? "2 * (" + lengths.get(0) + " + " + lengths.get(1) + ")"
                : lengths.isEmpty() ? "1 m" : lengths.get(0);
    }

    private static void generate(LadderEdits ladder, CardForm form) {
        Generator generator = Generator.read(form);
        LadderGenerator ready = generator.ready();
        if (ready != null) {
            ladder.take(ready);
        }
    }

    private static void mend(DraftDocument document, String at, String kind, String value) {
        switch (kind) {
            case "remove" -> remove(document, at);
            case "on" -> document.put(at, true);
            case "off" -> document.put(at, false);
            default -> document.put(at, value);
        }
    }

    /** Puts a replacement at a place of a formula. */
    private static void mendText(DraftDocument document, String at, CardForm form) {
        String text = document.text(at);
        int from = number(form, "from");
        int until = number(form, "until");
        if (from >= 0 && from <= until && until <= text.length()) {
            document.put(at, text.substring(0, from) + form.value("value") + text.substring(until));
        }
    }

    private void keepWeight(DraftDocument document, CardForm form) {
        Documents.DraftReading reading = read(document);
        PreparedCard prepared = reading.prepared();
        TrialText text = new TrialText(form.trial());
        CardTrial trial = CardTrial.read(text, reading.card(), subject);
        if (prepared != null && trial.asked() != null) {
            document.weights().add(Weights.of(trial, text, reading.card(), trial.price(prepared, subject)));
        }
    }

    private void renewWeight(DraftDocument document, int index) {
        Documents.DraftReading reading = read(document);
        PreparedCard prepared = reading.prepared();
        if (prepared != null && document.weights().path(index) instanceof ObjectNode weight) {
            CardTrial trial = CardTrial.read(Weights.trial(weight), reading.card(), subject);
            Weights.expect(weight, trial.price(prepared, subject));
        }
    }

    private Documents.DraftReading read(DraftDocument document) {
        return Documents.readDraft(document.root(), subject.shop().rules());
    }

    private static int number(CardForm form, String name) {
        BigDecimal value = DecimalText.read(form.value(name)).value();
        return value == null ? -1 : value.intValue();
    }
}
