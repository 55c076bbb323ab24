/** A draft held against what was sold: the page, what is typed on it, what came of it. */
@NullMarked
package dev.steelyard.web.editing.replay;

import org.jspecify.annotations.NullMarked;
