/** What all pages share: numbers as shown, the frame, error pages. */
@NullMarked
package dev.steelyard.web.base.page;

import org.jspecify.annotations.NullMarked;
