/** Goods for the owner's own store: what is sold, and what each product asks. */
@NullMarked
package dev.steelyard.web.store.wares;

import org.jspecify.annotations.NullMarked;
