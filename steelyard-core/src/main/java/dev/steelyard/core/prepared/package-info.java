/**
 * Rate cards checked and prepared once, to price pieces many times: formulas read to evaluators, units to factors,
 * ladders and grids to sorted arrays. Whatever is wrong with a card is an issue with its place; a card with issues is
 * not prepared.
 */
@NullMarked
package dev.steelyard.core.prepared;

import org.jspecify.annotations.NullMarked;
