/** What the owner's own store sold, reported and read back. */
@NullMarked
package dev.steelyard.web.store.sold;

import org.jspecify.annotations.NullMarked;
