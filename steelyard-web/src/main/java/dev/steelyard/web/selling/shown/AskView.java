package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.web.base.page.Show;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
 */
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
        boolean open) {

    private static final String MEASURED = "measured";

    /** A unit to pick. */
    public record UnitView(String code, String symbol) {}

    /**
     * An option to pick.
     *
     * @param picture address of its picture; none for none
     * @param charge “+ 18.00”, “no charge”
     */
    public record OptionView(String name, String label, @Nullable String picture, String charge) {}

    /** What a tick box says: its label, with the owner's words for the ticked option where there are some. */
    public String ticked() {
        OptionView yes = options.get(1);
        return yes.label().equals(yes.name()) ? label : label + ": " + yes.label();
    }

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
            List<UnitView> units = new ArrayList<>(List.of(view(measurement.unit())));
            measurement.otherUnits().forEach(other -> units.add(view(other.unit())));
            String picked = typed.unit(ask.name());
            boolean known = units.stream().anyMatch(unit -> unit.code().equals(picked));
            return new AskView(
                    ask.name(),
                    ask.label(),
                    MEASURED,
                    value,
                    known ? picked : measurement.unit().code(),
                    units,
                    List.of(),
                    true,
                    limits(measurement),
                    measurement.help() == null ? "" : measurement.help(),
                    open);
        }
        Choice choice = (Choice) ask;
        return new AskView(
                ask.name(),
                ask.label(),
                choice.look().name().toLowerCase(Locale.ROOT),
                value,
                "",
                List.of(),
                choice.options().stream()
                        .map(option -> new OptionView(
                                option.name(),
                                option.label() == null ? option.name() : option.label(),
                                option.picture(),
                                charge(option.charge(), seen)))
                        .toList(),
                choice.required(),
                "",
                "",
                open);
    }

    private static UnitView view(dev.steelyard.core.unit.Unit unit) {
        return new UnitView(unit.code(), unit.symbol());
    }

    private static String limits(Measurement ask) {
        String symbol = ask.unit().symbol();
        if (ask.least() == null && ask.most() == null) {
            return symbol;
        }
        String range = ask.least() == null
                ? "up to " + plain(ask.most())
                : ask.most() == null ? "from " + plain(ask.least()) : plain(ask.least()) + " to " + plain(ask.most());
        return (range + " " + symbol).strip();
    }

    private static String plain(@Nullable BigDecimal value) {
        return value == null ? "" : Show.money(value, 0);
    }

    private static String charge(Charge charge, AsSeen seen) {
        if (charge instanceof Charge.PerPiece piece) {
            return signed(seen, piece.amount(), "");
        } else if (charge instanceof Charge.PerUnit unit) {
            return signed(seen, unit.amount(), " per " + unit.unit().symbol());
        } else if (charge instanceof Charge.Percent percent) {
            return signed(AsSeen.asItIs(0), percent.percent(), " %");
        } else if (charge instanceof Charge.PerLine line) {
            return signed(seen, line.amount(), " once");
        }
        return "no charge";
    }

    private static String signed(AsSeen seen, BigDecimal amount, String unit) {
        String digits = seen.total(amount.abs()) + unit;
        return amount.signum() == 0 ? "no charge" : (amount.signum() < 0 ? "− " : "+ ") + digits;
    }
}
