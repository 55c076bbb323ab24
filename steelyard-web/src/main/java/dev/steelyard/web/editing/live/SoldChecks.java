package dev.steelyard.web.editing.live;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.replay.Assumption;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.sold.lines.Which;
import dev.steelyard.web.sold.replay.DearerBound;
import dev.steelyard.web.sold.replay.ReplayResult;
import dev.steelyard.web.sold.replay.Replays;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Holds a version against the orders of the last 90 days before it is live, and against the owner's bound on dearer ones. */
@Component
class SoldChecks {

    /** More than these are not waited for by whoever only looks. */
    static final int MOST_LOOKED_AT = 5_000;

    private final Replays replays;

    SoldChecks(Replays replays) {
        this.replays = replays;
    }

    /**
     * What is to be said.
     *
     * @param most orders, beyond which nothing is
     * @return none where there are more, or the version cannot be read
     */
    Optional<SoldCheck> of(LiveShown kind, Draft entry, DraftDocument version, Subject subject, int most) {
        BigDecimal bound = subject.shop().bounds().dearest();
        Which which = DearerBound.orders(subject.shop(), subject.today());
        return kind.tried(entry, version, "", subject)
                .flatMap(tried -> replays.atOnce(tried, new Replays.Terms(which, Assumption.SAME, bound), most))
                .map(result -> new SoldCheck(
                        words(result, subject.shop().minorDigits()),
                        DearerBound.stop(result, bound, subject.shop().minorDigits())));
    }

    private static String words(ReplayResult result, int minor) {
        if (result.orders() + result.refused() == 0) {
            return "Nothing of this was sold in the last 90 days, so no order says anything to it";
        }
        String all = orders(result.orders() + result.refused()) + " of the last 90 days: ";
        if (result.dearer() + result.cheaper() + result.refused() == 0) {
            return all + "none would have cost another sum";
        }
        StringBuilder words = new StringBuilder(all);
        words.append(result.dearer() == 0 ? "none" : Show.whole(result.dearer()))
                .append(" would have cost more, ")
                .append(result.cheaper() == 0 ? "none" : Show.whole(result.cheaper()))
                .append(" less");
        BigDecimal by = result.other().turnover().subtract(result.now().turnover());
        words.append("; in all ").append(by.signum() < 0 ? "− " : "+ ").append(Show.money(by.abs(), minor));
        BigDecimal share = result.now().turnover().signum() == 0
                ? BigDecimal.ZERO
                : by.abs().movePointRight(2).divide(result.now().turnover(), 1, RoundingMode.HALF_UP);
        if (share.signum() > 0) {
            words.append(" (").append(Decimals.plain(share, 0)).append(" %)");
        }
        if (result.refused() > 0) {
            words.append("; ").append(Show.whole(result.refused())).append(" would be refused");
        }
        return words.toString();
    }

    private static String orders(long count) {
        return count == 1 ? "1 order" : Show.whole(count) + " orders";
    }
}
