/** The price book in force, and its renewal when prices change. */
@NullMarked
package dev.steelyard.web.book;

import org.jspecify.annotations.NullMarked;
