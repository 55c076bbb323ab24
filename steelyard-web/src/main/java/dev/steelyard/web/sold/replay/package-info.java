/** Orders held against prices that are not live yet: in the background, or at once for a few. */
@NullMarked
package dev.steelyard.web.sold.replay;

import org.jspecify.annotations.NullMarked;
