/** Prices for programs: trials of cards given as JSON. Nothing is stored. */
@NullMarked
package dev.steelyard.web.api;

import org.jspecify.annotations.NullMarked;
