/** Keys by which the owner's own store asks Steelyard: what each may, from where, how often. */
@NullMarked
package dev.steelyard.web.store.keys;

import org.jspecify.annotations.NullMarked;
