/** What was probably meant by a word that nobody knows. */
@NullMarked
package dev.steelyard.core.text;

import org.jspecify.annotations.NullMarked;
