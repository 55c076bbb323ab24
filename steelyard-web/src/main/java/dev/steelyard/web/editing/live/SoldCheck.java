package dev.steelyard.web.editing.live;

import org.jspecify.annotations.Nullable;

/**
 * What the orders of the last 90 days say to a version.
 *
 * @param words “412 orders of the last 90 days: 38 would have cost more …”
 * @param stop why it stops the version; none where it does not
 */
public record SoldCheck(String words, @Nullable String stop) {}
