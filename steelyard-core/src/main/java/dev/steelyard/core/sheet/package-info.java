/**
 * Price sheets as computation: rows that say what prices shall be, held against the prices that are, one item at a time.
 *
 * <pre>{@code
 * SheetRow -(RowKey, or what it is the price of)-> KeptPrice -> Outcome: add, change, remove, same or refused, with notes
 * }</pre>
 */
@NullMarked
package dev.steelyard.core.sheet;

import org.jspecify.annotations.NullMarked;
