package dev.steelyard.web.editing.draft;

import java.time.Instant;

/**
 * A version of a card that counts from a moment on, until another one does.
 *
 * @param number of the version
 * @param why whoever put it live wrote; empty for nothing
 */
public record Release(long id, long number, Instant starts, String why, Instant madeAt, String madeBy) {}
