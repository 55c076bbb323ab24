/**
 * The open format: rate cards and orders as JSON (RFC 8259), its JSON Schema beside this package, read with the place of
 * every fault, written so that reading gives an equal card, and priced.
 *
 * <pre>{@code
 * Reading reading = Documents.read(text, euro);
 * Trials.price(reading.documents().get(0)); // an answer for each order
 * }</pre>
 */
@NullMarked
package dev.steelyard.format;

import org.jspecify.annotations.NullMarked;
