package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Choice;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads which option was picked, where the choice is shown at all. */
final class PreparedChoice implements PreparedAsk {

    private final Choice ask;
    private final int slot;
    private final @Nullable Calc shownWhen;
    private final Map<String, PreparedCharge> charges;

    PreparedChoice(Choice ask, int slot, @Nullable Calc shownWhen, Map<String, PreparedCharge> charges) {
        this.ask = ask;
        this.slot = slot;
        this.shownWhen = shownWhen;
        this.charges = charges;
    }

    @Override
    public Choice ask() {
        return ask;
    }

    @Override
    public @Nullable Calc shownWhen() {
        return shownWhen;
    }

    @Override
    public @Nullable Fault read(Run run, boolean allRightSoFar) {
        if (!open(run, allRightSoFar)) {
            return null; // what it hangs on is not known, or it is not shown
        }
        Answer answer = run.answers().byName().get(ask.name());
        String picked = answer == null ? "" : answer.text();
        if (picked.isEmpty()) {
            return ask.required() ? fault(Refusal.CHOICE_MISSING, label(), options()) : null;
        }
        if (!charges.containsKey(picked)) {
            return fault(Refusal.OPTION_UNKNOWN, label(), Part.typed(picked), options());
        }
        run.frame().set(slot, picked);
        run.show(ask.name(), "\"" + picked + "\"");
        return null;
    }

    /** The charge of the option picked; none where none was or it has none. */
    @Nullable
    PreparedCharge charge(Run run) {
        return charges.get(run.frame().text(slot));
    }

    /** The option picked; empty where none was. */
    String picked(Run run) {
        return run.frame().text(slot);
    }

    private Part label() {
        return Part.name(ask.label());
    }

    private Part options() {
        return Part.all(
                Join.OR,
                ask.options().stream().map(option -> Part.name(option.called())).toList());
    }

    private Fault fault(Refusal code, Part... parts) {
        return Fault.of(Place.ask(ask.name()), code, parts);
    }
}
