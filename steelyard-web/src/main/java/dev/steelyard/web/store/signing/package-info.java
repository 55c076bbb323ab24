/** Keys by which Steelyard signs what it promises, and what is signed. */
@NullMarked
package dev.steelyard.web.store.signing;

import org.jspecify.annotations.NullMarked;
