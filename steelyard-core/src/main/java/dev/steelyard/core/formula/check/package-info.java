/**
 * Works out what each part of a formula measures, and says in words what does not fit.
 */
@NullMarked
package dev.steelyard.core.formula.check;

import org.jspecify.annotations.NullMarked;
