/** Finding goods among many, picking some or all that fit, and what can be done with them. */
@NullMarked
package dev.steelyard.web.goods.list;

import org.jspecify.annotations.NullMarked;
