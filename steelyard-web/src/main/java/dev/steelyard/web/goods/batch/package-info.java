/**
 * Many changes at once, whatever they are of: read, previewed, applied whole or not at all, taken back as a whole. Long work
 * runs in the background, one after the other.
 */
@NullMarked
package dev.steelyard.web.goods.batch;

import org.jspecify.annotations.NullMarked;
