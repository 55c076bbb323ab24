/** What all pages share: numbers as shown, the frame, error pages. */
@NullMarked
package dev.steelyard.web.page;

import org.jspecify.annotations.NullMarked;
