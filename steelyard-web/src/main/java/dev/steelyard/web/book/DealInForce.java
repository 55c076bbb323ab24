package dev.steelyard.web.book;

import dev.steelyard.core.deal.Deal;

/**
 * A version of a deal that counts now or will later.
 *
 * @param id of the deal
 * @param number of the edit that it is
 * @param version what it is called
 * @param deal covering only the time in which this version counts
 */
public record DealInForce(long id, long number, int version, Deal deal) {}
