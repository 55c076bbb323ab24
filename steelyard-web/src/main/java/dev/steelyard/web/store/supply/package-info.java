/** Goods and price rows that the owner's own store brings. */
@NullMarked
package dev.steelyard.web.store.supply;

import org.jspecify.annotations.NullMarked;
