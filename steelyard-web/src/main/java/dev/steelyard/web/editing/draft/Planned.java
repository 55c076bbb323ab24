package dev.steelyard.web.editing.draft;

import java.time.Instant;

/** A version that begins to count later. */
public record Planned(long id, String name, int version, Instant starts) {}
