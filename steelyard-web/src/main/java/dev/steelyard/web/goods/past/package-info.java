/** What the prices of a product were on a day, and who changed them: by hand, by an action, by a sheet. */
@NullMarked
package dev.steelyard.web.goods.past;

import org.jspecify.annotations.NullMarked;
