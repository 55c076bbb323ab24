package dev.steelyard.web.editing.deal;

import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.page.DraftFields;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.editing.words.Translations;
import dev.steelyard.web.selling.payment.PaymentMethod;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the page of a deal shows beside its frame.
 *
 * @param vocabulary what can be picked where goods, customers and countries are named
 * @param sets the names of sets that live deals are one of
 * @param codeLists the names of lists of codes
 * @param payments the ways to pay there are
 * @param covered “3 products” that it acts on; empty for none
 */
record DealPage(
        DraftFields fields,
        String kind,
        List<DealStart> kinds,
        Map<String, Map<String, String>> vocabulary,
        List<String> sets,
        List<String> codeLists,
        String covered,
        List<PaymentMethod> payments,
        @Nullable Beam beam,
        String today,
        BasketTrialView trial,
        List<FindingLine> findings,
        Translations texts) {

    /** Whether a way of paying is one of those. */
    public boolean known(String payment) {
        return payments.stream().anyMatch(one -> one.label().equals(payment));
    }

    /** The groups a trial can be tried as. */
    public List<String> groups() {
        return List.copyOf(vocabulary.getOrDefault("groups", Map.of()).keySet());
    }
}
