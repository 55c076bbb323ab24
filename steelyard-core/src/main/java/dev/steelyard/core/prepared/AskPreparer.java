package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.said.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Checks and prepares what the shopper is asked. */
final class AskPreparer {

    private final Namespace names;
    private final Issues issues;

    AskPreparer(Namespace names, Issues issues) {
        this.names = names;
        this.issues = issues;
    }

    List<PreparedAsk> prepare(List<Ask> asks) {
        List<PreparedAsk> prepared = new ArrayList<>();
        for (int i = 0; i < asks.size(); i++) {
            Ask ask = asks.get(i);
            String at = "/asks/" + i;
            OptionalInt slot = names.slot(ask.name());
            if (ask instanceof Measurement measurement) {
                AskChecks.check(measurement, at, issues);
                Calc shown = shown(measurement, at);
                slot.ifPresent(s -> prepared.add(new PreparedMeasurement(measurement, s, names.plain(), shown)));
            } else {
                Choice choice = (Choice) ask;
                AskChecks.check(choice, at, issues);
                Calc shown = shown(choice, at);
                Map<String, PreparedCharge> charges = charges(choice, at);
                slot.ifPresent(s -> prepared.add(new PreparedChoice(choice, s, shown, charges)));
            }
        }
        return List.copyOf(prepared);
    }

    /** What an option is called; a tick box by its label alone, since what is charged is that it is ticked. */
    private static Part called(Choice choice, Choice.Option option) {
        return choice.look() == Choice.Look.TICK && option.label().isEmpty() ? Part.NONE : Part.name(option.called());
    }

    private @Nullable Calc shown(Ask ask, String at) {
        return ask.shownWhen() == null ? null : names.conditionBefore(ask.name(), at + "/shownWhen", ask.shownWhen());
    }

    private Map<String, PreparedCharge> charges(Choice choice, String at) {
        Map<String, PreparedCharge> charges = new LinkedHashMap<>();
        for (int i = 0; i < choice.options().size(); i++) {
            Choice.Option option = choice.options().get(i);
            Calc measure = option.charge() instanceof Charge.PerUnit unit
                    ? names.charged(at + "/options/" + i + "/charge/of", unit.of(), unit.unit())
                    : null;
            charges.put(
                    option.name(),
                    new PreparedCharge(option.charge(), Part.name(choice.label()), called(choice, option), measure));
        }
        return charges;
    }
}
