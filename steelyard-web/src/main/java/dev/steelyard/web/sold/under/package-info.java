/** What was sold, drawn under the beam of what would price it. */
@NullMarked
package dev.steelyard.web.sold.under;

import org.jspecify.annotations.NullMarked;
