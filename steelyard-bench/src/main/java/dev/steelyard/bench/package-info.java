/** Measurements, each beside what it is measured against in the same run. Ratios count; absolute times drift. */
@NullMarked
package dev.steelyard.bench;

import org.jspecify.annotations.NullMarked;
