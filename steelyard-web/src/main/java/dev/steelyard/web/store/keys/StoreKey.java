package dev.steelyard.web.store.keys;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A key, without the key itself, which nobody can read again.
 *
 * @param begins its first characters, so that an owner knows which it is
 * @param customerSecret by which the store's server signs who a shopper is (HS256); none for page keys
 * @param origins pages that a page key may be used on, as browsers name them; empty for server keys
 * @param perSecond calls that are answered in the long run
 * @param burst calls that are answered at once after a rest
 * @param until the last day on which it is good, in the shop's time zone; none for always
 */
public record StoreKey(
        long id,
        KeyKind kind,
        String name,
        String begins,
        @Nullable String customerSecret,
        Set<KeyRight> rights,
        List<String> origins,
        int perSecond,
        int burst,
        @Nullable LocalDate until,
        String madeBy,
        Instant madeAt,
        @Nullable Instant usedAt,
        @Nullable String takenBackBy,
        @Nullable Instant takenBackAt) {

    public boolean isPage() {
        return kind == KeyKind.PAGE;
    }

    public boolean isTakenBack() {
        return takenBackAt != null;
    }

    /** Whether its last day is over. */
    public boolean isOver(LocalDate today) {
        return until != null && until.isBefore(today);
    }

    /** “server key Warehouse”, as history and answers name it. */
    public String called() {
        return kind.code() + " key " + name;
    }

    /** “prices, orders”. */
    public String rightWords() {
        return rights.stream().sorted().map(KeyRight::code).collect(Collectors.joining(", "));
    }
}
