/** What of a basket is tax: rates by class and country, included in prices or added to them. */
@NullMarked
package dev.steelyard.core.tax;

import org.jspecify.annotations.NullMarked;
