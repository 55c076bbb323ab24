/** What everyone pays for one of each item, kept as it changes, so that a reduced price names the lowest of the thirty days before. */
@NullMarked
package dev.steelyard.web.selling.announced;

import org.jspecify.annotations.NullMarked;
