package dev.steelyard.web.selling.shown;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something asked, as a field.
 *
 * @param look measured, or as a choice looks: list, cards, tick
 * @param unit that is picked
 * @param units that it may be typed in
 * @param options of a choice
 * @param limits “150 to 1200 cm”; empty for a choice
 * @param help the owner's words beside the field
 * @param open whether it is put to the shopper now
 * @param ticked what a tick box says: its label, with the owner's words for the ticked option where there are some
 */
@Schema(name = "Ask")
public record AskView(
        String name,
        String label,
        String look,
        String value,
        String unit,
        List<UnitView> units,
        List<OptionView> options,
        boolean required,
        String limits,
        String help,
        boolean open,
        String ticked) {

    private static final String MEASURED = "measured";

    /** A unit to pick. */
    public record UnitView(String code, String symbol) {}

    /**
     * An option to pick.
     *
     * @param picture address of its picture; none for none
     * @param charge “+ 18.00”, “no charge”
     * @param free whether nothing is charged for it
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record OptionView(String name, String label, @Nullable String picture, String charge, boolean free) {}

    public boolean measured() {
        return look.equals(MEASURED);
    }

    /** The asks of a card, in order. */
    public static List<AskView> of(RateCard card, Set<String> open, TypedAnswers typed, AsSeen seen) {
        return card.asks().stream()
                .map(ask -> of(ask, open.contains(ask.name()), typed, seen))
                .toList();
    }

    private static AskView of(Ask ask, boolean open, TypedAnswers typed, AsSeen seen) {
        String value = typed.answer(ask.name());
        if (ask instanceof Measurement measurement) {
            List<UnitView> units = new ArrayList<>(List.of(view(measurement.unit(), seen)));
            measurement.otherUnits().forEach(other -> units.add(view(other.unit(), seen)));
            String picked = typed.unit(ask.name());
            boolean known = units.stream().anyMatch(unit -> unit.code().equals(picked));
            return new AskView(
                    ask.name(),
                    seen.words().in(ask.label()),
                    MEASURED,
                    value,
                    known ? picked : measurement.unit().code(),
                    units,
                    List.of(),
                    true,
                    limits(measurement, seen.words()),
                    seen.words().in(measurement.help()),
                    open,
                    "");
        }
        Choice choice = (Choice) ask;
        return new AskView(
                ask.name(),
                seen.words().in(ask.label()),
                choice.look().name().toLowerCase(Locale.ROOT),
                value,
                "",
                List.of(),
                choice.options().stream()
                        .map(option -> new OptionView(
                                option.name(),
                                seen.words().in(option.called()),
                                option.picture(),
                                charge(option.charge(), seen),
                                option.charge() instanceof Charge.None))
                        .toList(),
                choice.required(),
                "",
                "",
                open,
                ticked(choice, seen.words()));
    }

    private static String ticked(Choice choice, Words words) {
        if (choice.look() != Choice.Look.TICK) {
            return "";
        }
        Choice.Option yes = choice.options().get(1);
        return yes.label().isEmpty() || yes.label().own().equals(yes.name())
                ? words.in(choice.label())
                : words.text("choice.named", "label", words.in(choice.label()), "option", words.in(yes.label()));
    }

    private static UnitView view(Unit unit, AsSeen seen) {
        return new UnitView(unit.code(), seen.words().symbol(unit));
    }

    private static String limits(Measurement ask, Words words) {
        BigDecimal least = ask.least();
        BigDecimal most = ask.most();
        if (least == null && most == null) {
            return words.symbol(ask.unit());
        }
        if (most == null) {
            return words.text("limits.from", "least", words.amount(Objects.requireNonNull(least), ask.unit()));
        }
        String largest = words.amount(most, ask.unit());
        return least == null
                ? words.text("limits.up-to", "most", largest)
                : words.text("limits.between", "least", words.number(least, 0), "most", largest);
    }

    private static String charge(Charge charge, AsSeen seen) {
        Words words = seen.words();
        if (charge instanceof Charge.PerPiece piece) {
            return signed("charge.each", piece.amount(), seen, "");
        } else if (charge instanceof Charge.PerUnit unit) {
            return signed("charge.unit", unit.amount(), seen, words.symbol(unit.unit()));
        } else if (charge instanceof Charge.Percent percent) {
            return percent.percent().signum() == 0
                    ? words.text("charge.none")
                    : words.text(
                            "charge.percent",
                            "sign",
                            sign(percent.percent()),
                            "percent",
                            words.number(percent.percent().abs(), 0));
        } else if (charge instanceof Charge.PerLine line) {
            return signed("charge.once", line.amount(), seen, "");
        }
        return words.text("charge.none");
    }

    private static String signed(String key, BigDecimal amount, AsSeen seen, String unit) {
        return amount.signum() == 0
                ? seen.words().text("charge.none")
                : seen.words().text(key, "sign", sign(amount), "money", seen.total(amount.abs()), "unit", unit);
    }

    private static String sign(BigDecimal amount) {
        return amount.signum() < 0 ? "−" : "+";
    }
}
