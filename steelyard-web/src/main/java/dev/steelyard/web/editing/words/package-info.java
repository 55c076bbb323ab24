/** What a card covers, what is odd about it and what changed in it, in words. */
@NullMarked
package dev.steelyard.web.editing.words;

import org.jspecify.annotations.NullMarked;
