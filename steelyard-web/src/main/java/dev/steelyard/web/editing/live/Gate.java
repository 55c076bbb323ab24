package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.finding.CardFindings;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.PlaceWords;
import dev.steelyard.words.Words;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What stands between a version and the shoppers.
 *
 * @param stops what must be mended first; nothing goes live past it
 * @param failing check weights that come to something else; to go past them a word why is asked for
 * @param weights how many check weights there are
 * @param warnings findings that warn
 * @param overlaps which cards cover the same, and which of them wins
 * @param covers “3 products” that it covers; empty for none
 */
public record Gate(
        List<String> stops,
        List<Weights.View> failing,
        int weights,
        List<String> warnings,
        List<String> overlaps,
        String covers) {

    private static final int BUDGET = 400;
    private static final int MOST_PRODUCTS = 8;
    private static final int MOST_SAID = 8;

    /** With one more thing that stops it; as it is for none. */
    Gate stoppedBy(@Nullable String stop) {
        if (stop == null) {
            return this;
        }
        List<String> all = new ArrayList<>(stops);
        all.add(stop);
        return new Gate(all, failing, weights, warnings, overlaps, covers);
    }

    /** Whether nothing stops it. */
    public boolean open() {
        return stops.isEmpty();
    }

    /** Whether a word why must be given. */
    public boolean needsWhy() {
        return !failing.isEmpty();
    }

    /**
     * Looks at a version.
     *
     * @param overlaps with other cards that are live
     * @param now in the shop's time zone
     */
    static Gate of(Side side, List<String> overlaps, ZonedDateTime now) {
        Subject subject = side.subject();
        PreparedCard prepared = side.prepared();
        List<Product> covered = subject.covered(side.card());
        List<String> stops = new ArrayList<>();
        side.issues().forEach(issue -> stops.add(PlaceWords.of(issue.at()) + ": " + issue.message()));
        String samples = FindingLine.sampleWords(side.document());
        if (!samples.isEmpty()) {
            stops.add(samples);
        }
        if (covered.isEmpty()) {
            stops.add("It covers no product; pick goods on the step “Covers”");
        }
        ZonedDateTime until = side.card().covers().times().until();
        if (until != null && !until.isAfter(now)) {
            stops.add("Its covers held " + Show.end(until) + "; it would price nothing");
        }
        List<String> warnings = new ArrayList<>();
        if (side.card().covers().goods() == GoodsRule.EVERYTHING
                && side.card().covers().except().isEmpty()) {
            warnings.add(Words.owners().title(Finding.Code.COVERS_EVERYTHING) + ": all " + covered.size()
                    + " products of the shop, and whatever comes");
        }
        if (prepared != null) {
            List<Item> looked = covered.stream()
                    .limit(MOST_PRODUCTS)
                    .flatMap(product ->
                            side.card().covers().items(product).stream().limit(MOST_PRODUCTS))
                    .toList();
            findings(prepared, looked, subject).forEach((finding, items) -> {
                boolean stopping = finding.code().severity() == Finding.Severity.STOPS;
                (stopping ? stops : warnings).add(FindingLine.words(finding) + where(items, looked.size()));
            });
        }
        List<Weights.View> weights = Weights.views(side.document(), side.card(), prepared, subject);
        return new Gate(
                cut(stops),
                weights.stream().filter(weight -> !weight.holds()).toList(),
                weights.size(),
                cut(warnings),
                prepared == null ? List.of() : cut(overlaps),
                CoveredGoods.of(side.card().covers(), covered, subject).words());
    }

    /** What was found, each with the goods that it was found at. */
    private static Map<Finding, List<Item>> findings(PreparedCard card, List<Item> looked, Subject subject) {
        Map<Finding, List<Item>> found = new LinkedHashMap<>();
        CardFindings findings = new CardFindings(subject.shop().rules(), subject.margins(), BUDGET);
        for (Item item : looked) {
            findings.of(card, item, subject.today(), List.of()).stream()
                    .filter(finding -> finding.code().severity() != Finding.Severity.NOTE)
                    .forEach(finding -> found.computeIfAbsent(finding, any -> new ArrayList<>())
                            .add(item));
        }
        return found;
    }

    /** “ (Bow shackle, 8 mm)”; nothing where it is so of all that were looked at. */
    private static String where(List<Item> items, int looked) {
        int others = items.size() - 1;
        return items.size() == looked
                ? ""
                : " (" + items.get(0).name() + (others == 0 ? "" : " and " + others + " more") + ")";
    }

    private static List<String> cut(List<String> said) {
        return FirstLines.of(said, MOST_SAID);
    }
}
