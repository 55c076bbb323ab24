/** What stands before every call of the owner's own store: keys, rights, rates, which pages may ask, and how bodies are read. */
@NullMarked
package dev.steelyard.web.store.door;

import org.jspecify.annotations.NullMarked;
