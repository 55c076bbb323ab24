package dev.steelyard.web.store.keys;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a key shall be: all of it that can be changed later. See {@link StoreKey}. */
public record KeyWish(
        String name, Set<KeyRight> rights, List<String> origins, int perSecond, int burst, @Nullable LocalDate until) {

    static final int USUAL_PER_SECOND = 200;
    static final int USUAL_BURST = 400;
}
