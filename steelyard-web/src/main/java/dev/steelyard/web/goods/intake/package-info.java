/**
 * Goods in and out as sheets: what would be new or changed is shown before anything is done, all of it applied or none, and
 * taken back as a whole.
 */
@NullMarked
package dev.steelyard.web.goods.intake;

import org.jspecify.annotations.NullMarked;
