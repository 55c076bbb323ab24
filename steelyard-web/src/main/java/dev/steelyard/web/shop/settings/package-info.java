/** The owner's page of what holds for the whole shop: so far, tax. */
@NullMarked
package dev.steelyard.web.shop.settings;

import org.jspecify.annotations.NullMarked;
