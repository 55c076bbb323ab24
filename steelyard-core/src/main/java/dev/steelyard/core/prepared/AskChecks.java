package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.Set;

/** Checks that the limits of an ask can be met. */
final class AskChecks {

    private AskChecks() {}

    static void check(Measurement ask, String at, Issues issues) {
        Unit unit = ask.unit();
        if (!unit.dimension().equals(ask.type().dimension())) {
            issues.add(
                    at + "/unit",
                    "“" + unit.code() + "” measures " + unit.dimension().words() + ", not a "
                            + ask.type().code());
        }
        for (OtherUnit other : ask.otherUnits()) {
            Unit offered = other.unit();
            issues.unless(
                    offered.dimension().equals(unit.dimension()),
                    at + "/otherUnits",
                    "“" + offered.code() + "” measures " + offered.dimension().words() + "; “" + unit.code() + "” "
                            + unit.dimension().words());
            issues.unless(
                    other.step() == null || other.step().signum() > 0,
                    at + "/otherUnits",
                    "a step is more than 0, not " + (other.step() == null ? "" : plain(other.step())));
        }
        issues.unless(
                ask.shownWhen() == null || ask.notAsked() != null,
                at + "/notAsked",
                "“" + ask.label() + "” is not always asked: say which value counts when it is not; 0 is allowed");
        BigDecimal least = ask.least();
        BigDecimal most = ask.most();
        if (least != null && most != null && least.compareTo(most) > 0) {
            issues.add(at + "/min", "the smallest, " + plain(least) + ", is larger than the largest, " + plain(most));
            return;
        }
        if (ask.step() != null && ask.step().signum() <= 0) {
            issues.add(at + "/step", "a step is more than 0, not " + plain(ask.step()));
            return;
        }
        if (ask.whole() && !hasWhole(ask)) {
            issues.add(at + "/whole", "no whole number can be typed with these limits and this step");
        }
        start(ask, at, issues);
    }

    private static void start(Measurement ask, String at, Issues issues) {
        BigDecimal start = ask.start();
        if (start == null) {
            return;
        }
        if (ask.least() != null && start.compareTo(ask.least()) < 0
                || ask.most() != null && start.compareTo(ask.most()) > 0) {
            issues.add(at + "/start", "the starting value, " + plain(start) + ", is outside the limits");
        } else if (!Fits.of(ask, ask.unit()).has(ask.unit().toBase(start))) {
            issues.add(at + "/start", "the starting value, " + plain(start) + ", is on no step");
        }
    }

    /**
     * Whether a whole number lies on the steps within the limits. The steps meet whole numbers where the smallest is a
     * multiple of the greatest common divisor of step and one, and then again at every common multiple of the two.
     */
    private static boolean hasWhole(Measurement ask) {
        BigDecimal least = ask.least() == null ? BigDecimal.ZERO : ask.least();
        if (ask.step() == null) {
            BigDecimal first = least.setScale(0, RoundingMode.CEILING);
            return ask.most() == null || first.compareTo(ask.most()) <= 0;
        }
        int scale = Math.max(0, Math.max(least.scale(), ask.step().scale()));
        BigInteger one = BigInteger.TEN.pow(scale);
        BigInteger from = least.movePointRight(scale).toBigIntegerExact();
        BigInteger step = ask.step().movePointRight(scale).toBigIntegerExact();
        BigInteger common = step.gcd(one);
        if (from.mod(common).signum() != 0) {
            return false;
        }
        BigInteger steps = from.negate()
                .divide(common)
                .multiply(
                        one.divide(common).equals(BigInteger.ONE)
                                ? BigInteger.ZERO
                                : step.divide(common).modInverse(one.divide(common)))
                .mod(one.divide(common));
        BigDecimal first = new BigDecimal(from.add(steps.multiply(step)), scale);
        return ask.most() == null || first.compareTo(ask.most()) <= 0;
    }

    static void check(Choice ask, String at, Issues issues) {
        issues.unless(!ask.options().isEmpty(), at + "/options", "a choice has at least one option");
        issues.unless(
                ask.look() != Choice.Look.TICK || ask.options().size() == 2,
                at + "/options",
                "a tick box has two options, not " + ask.options().size());
        Set<String> names = new HashSet<>();
        for (int i = 0; i < ask.options().size(); i++) {
            String name = ask.options().get(i).name();
            String where = at + "/options/" + i + "/name";
            issues.unless(
                    !name.isBlank() && name.equals(name.strip()), where, "an option has a name without outer spaces");
            issues.unless(names.add(name), where, "two options are called “" + name + "”");
            String picture = ask.options().get(i).picture();
            issues.unless(
                    picture == null || Choice.Option.isPicture(picture),
                    at + "/options/" + i + "/picture",
                    Choice.Option.notAPicture(String.valueOf(picture)));
        }
        issues.unless(
                ask.start() == null || names.contains(ask.start()),
                at + "/start",
                "“" + ask.start() + "” is none of the options");
    }

    private static String plain(BigDecimal value) {
        return Decimals.plain(value, 0);
    }
}
