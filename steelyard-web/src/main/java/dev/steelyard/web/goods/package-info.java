/** The goods as they are stored, found and changed. */
@NullMarked
package dev.steelyard.web.goods;

import org.jspecify.annotations.NullMarked;
