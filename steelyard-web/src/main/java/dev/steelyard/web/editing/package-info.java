/** What owners write and put live, by way of drafts: rate cards, deals, a product's own prices. One way for all three. */
@NullMarked
package dev.steelyard.web.editing;

import org.jspecify.annotations.NullMarked;
