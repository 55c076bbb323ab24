package dev.steelyard.web.editing.draft;

import java.time.Instant;

/**
 * A version of a card that counts from a moment on, until another one does.
 *
 * @param number of the edit that became the version
 * @param version 1 for what went live or was planned first; one that goes live again keeps its own
 * @param why whoever put it live wrote; empty for nothing
 */
public record Release(long id, long number, int version, Instant starts, String why, Instant madeAt, String madeBy) {}
