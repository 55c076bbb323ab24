package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.format.Documents;
import dev.steelyard.web.book.DealInForce;
import dev.steelyard.web.book.DealsInForce;
import dev.steelyard.web.editing.draft.Counting;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.InForce;
import dev.steelyard.web.shop.Shop;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Makes the price book's deals from the versions that count. */
@Component
class LiveDeals implements DealsInForce {

    private final InForce inForce;

    LiveDeals(InForce inForce) {
        this.inForce = inForce;
    }

    @Override
    public List<DealInForce> of(Shop shop) {
        return deals(inForce.of(DraftKind.DEAL, shop.zone()), shop);
    }

    @Override
    public List<DealInForce> since(Shop shop, Instant moment) {
        return deals(inForce.since(DraftKind.DEAL, shop.zone(), moment), shop);
    }

    private static List<DealInForce> deals(List<Counting> versions, Shop shop) {
        List<DealInForce> live = new ArrayList<>();
        for (Counting version : versions) {
            Deal whole = Documents.readDeal(version.document().root(), shop.zone())
                    .sound()
                    .orElseThrow(() -> new IllegalStateException("version " + version.number() + " of deal "
                            + version.id() + " is live and cannot be read"));
            CardState state = version.paused() ? CardState.PAUSED : CardState.LIVE;
            whole.conditions()
                    .times()
                    .within(version.from(), version.until())
                    .ifPresent(times -> live.add(new DealInForce(
                            version.id(),
                            version.number(),
                            version.version(),
                            whole.in(state).when(whole.conditions().at(times)))));
        }
        return live;
    }
}
