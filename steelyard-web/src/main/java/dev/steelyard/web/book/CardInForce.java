package dev.steelyard.web.book;

import dev.steelyard.core.prepared.PreparedCard;

/**
 * A version of a card that prices now or will later.
 *
 * @param id of the card
 * @param number of the edit that it is
 * @param version what it is called
 * @param card covering only the time in which this version counts
 */
public record CardInForce(long id, long number, int version, PreparedCard card) {}
