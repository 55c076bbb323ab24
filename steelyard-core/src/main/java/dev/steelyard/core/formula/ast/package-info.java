/**
 * The vocabulary that reading, checking and running share: places, issues, kinds, nodes.
 */
@NullMarked
package dev.steelyard.core.formula.ast;

import org.jspecify.annotations.NullMarked;
