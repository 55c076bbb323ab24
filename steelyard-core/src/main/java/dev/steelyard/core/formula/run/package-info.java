/**
 * Prepares checked nodes to small evaluators, and runs them on a frame of values.
 */
@NullMarked
package dev.steelyard.core.formula.run;

import org.jspecify.annotations.NullMarked;
