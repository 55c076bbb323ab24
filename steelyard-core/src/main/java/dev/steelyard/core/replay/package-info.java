/**
 * Orders priced again, whole baskets at their own moments, under prices that count and under others that might: what a draft
 * would have meant. Exact: the pricing is the one that sold them.
 */
@NullMarked
package dev.steelyard.core.replay;

import org.jspecify.annotations.NullMarked;
