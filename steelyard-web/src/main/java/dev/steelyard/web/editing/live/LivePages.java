package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Times;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.shop.Shops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page on which a draft becomes what shoppers see. */
@Component
class LivePages implements LiveShown {

    private final Drafts cards;
    private final Releases releases;
    private final Neighbours neighbours;
    private final Shops shops;
    private final Books books;

    LivePages(Drafts cards, Releases releases, Neighbours neighbours, Shops shops, Books books) {
        this.cards = cards;
        this.releases = releases;
        this.neighbours = neighbours;
        this.shops = shops;
        this.books = books;
    }

    @Override
    public Kind kind() {
        return Kind.CARD;
    }

    @Override
    public LivePage page(Draft entry, long a, long b, LivePage.Form form, @Nullable String notice) {
        Subject subject = Subject.of(shops, books);
        Standing standing = releases.of(entry.id());
        long left = a == 0 ? standing.liveNumber() : a;
        Side after = side(entry, b == 0 ? entry.number() : b, standing, subject);
        Side before = left == 0 ? null : side(entry, left, standing, subject);
        TrialText trial = TrialText.read(entry.trial()).filledFor(after.card(), subject);
        Gate gate = gate(entry, after, subject);
        Comparison comparison = before == null ? null : Comparison.of(before, after, trial, subject);
        CardState state = CardStates.of(standing, liveTimes(entry, standing, subject), shops.now());
        return new LivePage(
                "/cards",
                entry.id(),
                entry.name(),
                CardStates.word(state),
                LiveWords.sentence(entry, standing, state, subject.shop().zone()),
                entry.number(),
                standing.liveNumber(),
                standing.latest(),
                standing.paused(),
                entry.removedAt() != null,
                before == null ? null : before.words(),
                after.words(),
                after.number(),
                comparison,
                before != null && before.number() == after.number(),
                gate,
                after.number() < standing.liveNumber(),
                LiveWords.lines(standing.coming(), standing, subject.shop().zone()),
                LiveWords.lines(
                        releases.list(entry.id()), standing, subject.shop().zone()),
                form,
                notice);
    }

    private Side side(Draft entry, long number, Standing standing, Subject subject) {
        String words = LiveWords.version(number, entry.number(), standing);
        return Side.of(
                number,
                words,
                cards.version(entry.id(), number)
                        .orElseThrow(() -> new NotThere("This card has no version " + number + ".")),
                subject.shop().rules());
    }

    private @Nullable Times liveTimes(Draft entry, Standing standing, Subject subject) {
        return standing.liveNumber() == 0
                ? null
                : side(entry, standing.liveNumber(), standing, subject)
                        .card()
                        .covers()
                        .times();
    }

    private Gate gate(Draft entry, Side side, Subject subject) {
        return Gate.of(side, subject, neighbours.overlaps(entry.id(), side.card()), shops.now());
    }

    @Override
    public Gate gate(Draft entry, long number) {
        Subject subject = Subject.of(shops, books);
        return gate(entry, side(entry, number, releases.of(entry.id()), subject), subject);
    }
}
