package dev.steelyard.core.formula.parse;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.unit.Unit;
import java.util.Arrays;
import java.util.Optional;

/** What a name right behind a number was meant to be: a unit written otherwise, or something to multiply by. */
final class UnitHint {

    private UnitHint() {}

    static Issue of(Token number, Token name, String text) {
        Optional<Unit> meant = Arrays.stream(Unit.values())
                .filter(unit -> unit.code().equalsIgnoreCase(name.text())
                        || unit.symbol().equalsIgnoreCase(name.text()))
                .findFirst();
        if (meant.isPresent()) {
            return new Issue(
                    name.span(),
                    "There is no unit “" + name.text() + "”. Did you mean “"
                            + meant.get().code() + "”?",
                    meant.get().code());
        }
        if (number.text().matches("[0-9.]+") && name.text().matches("[eE][0-9]*")) {
            return Issue.at(
                    number.span().through(name.span()), "Write the number in full; exponents are not read here");
        }
        Span both = number.span().through(name.span());
        return new Issue(
                both,
                "Between “" + number.text() + "” and “" + name.text() + "” there must be an operator, such as *",
                number.text() + " * " + name.text());
    }
}
