/** The panel: a custom element that asks and shows prices on pages of the owner's own store, and what it asks for them. */
@NullMarked
package dev.steelyard.web.store.panel;

import org.jspecify.annotations.NullMarked;
