/**
 * A catalogue's prices for other programs: JSON-LD 1.1 with the words of schema.org (Offer, UnitPriceSpecification,
 * eligibleQuantity) and the unit codes of UN/CEFACT Recommendation 20.
 */
@NullMarked
package dev.steelyard.format.pricelist;

import org.jspecify.annotations.NullMarked;
