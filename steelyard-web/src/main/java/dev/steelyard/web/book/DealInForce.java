package dev.steelyard.web.book;

import dev.steelyard.core.deal.Deal;

/**
 * A version of a deal that counts now or will later.
 *
 * @param id of the deal
 * @param number of the version
 * @param deal covering only the time in which this version counts
 */
public record DealInForce(long id, long number, Deal deal) {}
