package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Times;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Release;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.shop.Shops;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page on which a draft becomes what shoppers see. */
@Component
class LivePages {

    private final Drafts drafts;
    private final Releases releases;
    private final Standings standings;
    private final Map<DraftKind, LiveShown> shown = new EnumMap<>(DraftKind.class);
    private final Shops shops;
    private final Books books;
    private final SoldChecks sold;

    LivePages(
            Drafts drafts,
            Releases releases,
            Standings standings,
            List<LiveShown> kinds,
            Shops shops,
            Books books,
            SoldChecks sold) {
        this.sold = sold;
        this.drafts = drafts;
        this.releases = releases;
        this.standings = standings;
        kinds.forEach(kind -> shown.put(kind.kind(), kind));
        this.shops = shops;
        this.books = books;
    }

    /**
     * The page.
     *
     * @param a the version on the left; 0 for what is live
     * @param b the version on the right; 0 for the draft
     */
    LivePage page(DraftKind kind, Draft entry, long a, long b, LivePage.Form form, @Nullable String notice) {
        Subject subject = Subject.of(shops, books);
        ZoneId zone = subject.shop().zone();
        Standing standing = releases.of(entry.id());
        List<Release> released = releases.list(entry.id());
        long before = a == 0 ? standing.liveNumber() : a;
        long after = b == 0 ? entry.number() : b;
        DraftDocument version = version(kind, entry, after);
        CardState state = standings.state(standing, entry.id());
        ZonedDateTime from = books.inForce()
                .times(entry.id(), standing.liveNumber())
                .map(Times::from)
                .orElse(null);
        SoldCheck check = after == standing.liveNumber()
                ? null
                : sold.of(of(kind), entry, version, subject, SoldChecks.MOST_LOOKED_AT)
                        .orElse(null);
        boolean later = LiveForms.done("live").equals(notice) && state == CardState.SCHEDULED && from != null;
        return new LivePage(
                kind,
                entry.id(),
                entry.name(),
                CardStates.word(state),
                LiveWords.sentence(entry, standing, state, zone),
                entry.number(),
                standing.liveNumber(),
                standing.live() == null ? 0 : standing.live().version(),
                standing.latest(),
                standing.paused(),
                entry.removedAt() != null,
                before == 0 ? null : LiveWords.version(before, entry.number(), standing, released),
                LiveWords.version(after, entry.number(), standing, released),
                after,
                before == 0 ? null : of(kind).compared(entry, version(kind, entry, before), version, subject),
                before == after,
                of(kind).gate(entry, version, subject).stoppedBy(check == null ? null : check.stop()),
                check,
                after == standing.liveNumber() && !standing.paused() ? null : of(kind).reach(entry, version, subject),
                after < standing.liveNumber(),
                LiveWords.lines(standing.coming(), standing, zone),
                LiveWords.lines(released, standing, zone),
                form,
                later
                        ? "Put live: it counts from " + Show.moment(from.toInstant(), zone)
                                + ". Until then shoppers see what they saw."
                        : notice);
    }

    /** For whom a version changes what they pay. */
    Optional<Reach> reach(DraftKind kind, Draft entry, long number) {
        return Optional.ofNullable(of(kind).reach(entry, version(kind, entry, number), Subject.of(shops, books)));
    }

    /** What stands between a version and the shoppers. */
    Gate gate(DraftKind kind, Draft entry, long number) {
        Subject subject = Subject.of(shops, books);
        DraftDocument version = version(kind, entry, number);
        Gate gate = of(kind).gate(entry, version, subject);
        return subject.shop().bounds().dearest() == null || !gate.open()
                ? gate
                : gate.stoppedBy(sold.of(of(kind), entry, version, subject, Integer.MAX_VALUE)
                        .map(SoldCheck::stop)
                        .orElse(null));
    }

    private LiveShown of(DraftKind kind) {
        return Objects.requireNonNull(shown.get(kind));
    }

    private DraftDocument version(DraftKind kind, Draft entry, long number) {
        return drafts.version(entry.id(), number)
                .orElseThrow(() -> new NotThere("This " + kind.word() + " has no version " + number + "."));
    }
}
