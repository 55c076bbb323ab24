/** Rate cards: how they are kept ({@code store}), their list, and the page on which one is written. */
@NullMarked
package dev.steelyard.web.cards;

import org.jspecify.annotations.NullMarked;
