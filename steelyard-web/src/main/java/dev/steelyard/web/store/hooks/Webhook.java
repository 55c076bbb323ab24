package dev.steelyard.web.store.hooks;

import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * An address that is told.
 *
 * @param secret by which what is sent is signed
 * @param failingSince when the first of the sendings failed that nothing got through since; none where the last got through
 * @param pausedAt since when nothing is sent; none where it is
 */
record Webhook(
        long id,
        String address,
        String secret,
        Set<HookEvent> events,
        String madeBy,
        Instant madeAt,
        @Nullable Instant failingSince,
        @Nullable Instant pausedAt,
        String pausedWhy) {}
