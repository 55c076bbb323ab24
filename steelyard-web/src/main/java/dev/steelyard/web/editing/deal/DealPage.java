package dev.steelyard.web.editing.deal;

import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.selling.payment.PaymentMethod;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The page of one deal.
 *
 * @param number the version the form is made from
 * @param status “changed by Maren”
 * @param vocabulary what can be picked where goods, customers and countries are named
 * @param covered how many products it acts on
 */
record DealPage(
        long id,
        String name,
        long number,
        boolean undo,
        boolean redo,
        String status,
        String changedAt,
        DealStep step,
        List<StepLink> steps,
        List<DealSentence.Part> sentence,
        DealFields fields,
        String kind,
        List<DealStart> kinds,
        Map<String, Map<String, String>> vocabulary,
        int covered,
        @Nullable Beam beam,
        String today,
        BasketTrialView trial,
        List<FindingLine> findings,
        @Nullable Notice notice) {

    /**
     * A step in the rail.
     *
     * @param wrong how many things are to be mended there
     */
    public record StepLink(DealStep step, String summary, long wrong, boolean current) {}

    /** The ways of paying there are. */
    public PaymentMethod[] payments() {
        return PaymentMethod.values();
    }

    /** Whether a way of paying is one of those. */
    public boolean known(String payment) {
        return PaymentMethod.of(payment).isPresent();
    }

    /** The groups a trial can be tried as. */
    public List<String> groups() {
        return List.copyOf(vocabulary.getOrDefault("groups", Map.of()).keySet());
    }
}
