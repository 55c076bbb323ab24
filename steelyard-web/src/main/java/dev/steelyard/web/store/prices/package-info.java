/** Live prices for the owner's own store: of lines, of whole baskets, of goods, from the book in force; no database is asked. */
@NullMarked
package dev.steelyard.web.store.prices;

import org.jspecify.annotations.NullMarked;
