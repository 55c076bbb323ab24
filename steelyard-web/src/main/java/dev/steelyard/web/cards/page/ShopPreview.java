package dev.steelyard.web.cards.page;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.curve.CardCurves;
import dev.steelyard.core.curve.Curve;
import dev.steelyard.core.curve.Variable;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakWords;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.page.Show;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How the shop page shows a card: its breaks with the owner's words and the real numbers, and the mark on the product.
 *
 * @param mark “save up to 26 %”; none where it is not wanted or nothing is saved
 * @param suffix “27.19 per m²”; none where it is not wanted or nothing is measured
 * @param breaks by threshold
 */
record ShopPreview(String table, boolean beside, @Nullable String mark, @Nullable String suffix, List<Line> breaks) {

    private static final int MOST = 12;

    /**
     * A break.
     *
     * @param from “10 pieces”, or the owner's title
     * @param line the owner's second line with its figure put in
     * @param mark the owner's short word
     */
    record Line(String from, String each, String total, String saves, String line, String mark) {}

    static @Nullable ShopPreview of(PreparedCard prepared, Subject subject, @Nullable Asked trial) {
        RateCard card = prepared.card();
        ShopPage page = card.shopPage();
        List<Line> lines = new ArrayList<>();
        BigDecimal mostSaved = BigDecimal.ZERO;
        BigDecimal dearest = BigDecimal.ZERO;
        Ladder ladder = card.ladder();
        Curve curve = ladder == null || trial == null || ladder.counts() == Ladder.Counts.AMOUNT
                ? null
                : curve(prepared, subject, trial).orElse(null);
        if (ladder != null && curve != null && !curve.runs().isEmpty()) {
            BigDecimal first =
                    curve.unit(curve.runs().get(0).from()).map(Money::value).orElse(BigDecimal.ZERO);
            dearest = first;
            for (Break row : ladder.rows().stream()
                    .filter(row -> row.group() == null && row.validity().on(trial.day()))
                    .limit(MOST)
                    .toList()) {
                BigDecimal unit = curve.unit(row.from()).map(Money::value).orElse(null);
                BigDecimal total = curve.total(row.from()).map(Money::value).orElse(null);
                if (unit != null && total != null) {
                    lines.add(line(row, unit, total, first, subject.shop().minorDigits()));
                    mostSaved = mostSaved.max(first.subtract(unit));
                }
            }
        }
        String mark = page.saving() && mostSaved.signum() > 0 && dearest.signum() > 0
                ? "save up to " + Show.percent(mostSaved, dearest)
                : null;
        return new ShopPreview(
                page.table().name().toLowerCase(Locale.ROOT),
                page.measurements() == ShopPage.Fields.BESIDE,
                mark,
                page.suffix() && trial != null ? suffix(prepared, subject, trial) : null,
                lines);
    }

    /** What a unit of the amount comes to in the trial. */
    private static @Nullable String suffix(PreparedCard card, Subject subject, Asked trial) {
        try {
            TrialLine line = TrialLine.of(card, trial, subject.shop().rules());
            Unit unit = line.piece().unit();
            BigDecimal billable = line.piece().billable();
            if (unit == null || billable == null || billable.signum() == 0) {
                return null;
            }
            BigDecimal amount = unit.fromBase(billable).multiply(BigDecimal.valueOf(trial.quantity()));
            BigDecimal each = line.total().value().divide(amount, subject.shop().minorDigits(), RoundingMode.HALF_UP);
            return Show.money(each, subject.shop().minorDigits()) + " per " + unit.symbol();
        } catch (Refused noPrice) {
            return null; // the trial says why
        }
    }

    private static Optional<Curve> curve(PreparedCard card, Subject subject, Asked trial) {
        try {
            return new CardCurves(card, trial, subject.shop().rules()).along(new Variable.Pieces());
        } catch (Refused noPrice) {
            return Optional.empty(); // the trial says why
        }
    }

    private static Line line(Break row, BigDecimal unit, BigDecimal total, BigDecimal first, int digits) {
        BreakWords words = row.words();
        BigDecimal saved = first.subtract(unit).max(BigDecimal.ZERO);
        String savedEach = Show.money(saved, digits);
        String savedAll = Show.money(saved.multiply(row.from()), digits);
        String percent = first.signum() == 0 ? "" : Show.percent(saved, first);
        String figure =
                switch (words.figure()) {
                    case NONE -> "";
                    case EACH -> Show.money(unit, digits);
                    case TOTAL -> Show.money(total, digits);
                    case SAVED_EACH -> savedEach;
                    case SAVED_IN_ALL -> savedAll;
                    case SAVED_PERCENT -> percent;
                };
        String from = row.from().toPlainString();
        return new Line(
                words.title().isEmpty() ? from + (from.equals("1") ? " piece" : " pieces") : words.title(),
                Show.money(unit, unit.scale()),
                Show.money(total, digits),
                saved.signum() > 0 ? percent : "",
                (words.before() + " " + figure + " " + words.after()).strip().replace("  ", " "),
                words.mark());
    }
}
