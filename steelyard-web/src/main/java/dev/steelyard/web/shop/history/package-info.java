/** Who changed which card, price or order of cards, when and why; what two states of it differ in. */
@NullMarked
package dev.steelyard.web.shop.history;

import org.jspecify.annotations.NullMarked;
