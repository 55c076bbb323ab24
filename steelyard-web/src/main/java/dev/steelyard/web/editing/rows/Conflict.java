package dev.steelyard.web.editing.rows;

import java.util.List;

/**
 * Somebody else saved first.
 *
 * @param who did, and when
 * @param theirs what they changed, in words
 * @param mine what is typed here, against what both began with
 * @param places the prices that both changed
 */
record Conflict(String who, List<String> theirs, List<String> mine, List<PriceMerge.Place> places) {}
