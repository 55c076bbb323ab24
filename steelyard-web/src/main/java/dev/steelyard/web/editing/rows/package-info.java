/** A product's own prices as a draft: read, tried, drawn, compared, put live. */
@NullMarked
package dev.steelyard.web.editing.rows;

import org.jspecify.annotations.NullMarked;
