/** From a draft to what shoppers see: differences, what stands in the way, and when. */
@NullMarked
package dev.steelyard.web.editing.live;

import org.jspecify.annotations.NullMarked;
