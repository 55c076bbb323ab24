/**
 * The functions of the formula language: one class each, listed in {@link dev.steelyard.core.formula.function.Functions}.
 */
@NullMarked
package dev.steelyard.core.formula.function;

import org.jspecify.annotations.NullMarked;
