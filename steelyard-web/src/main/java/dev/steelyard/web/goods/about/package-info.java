/** What is said of goods beside their prices: names, variants, shelves, brands, tags; adding goods and changing them. */
@NullMarked
package dev.steelyard.web.goods.about;

import org.jspecify.annotations.NullMarked;
