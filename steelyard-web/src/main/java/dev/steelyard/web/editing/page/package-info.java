/** What an owner does with a rate card or a deal as a whole, alike for both: copy, take away, put back, pause, go on. */
@NullMarked
package dev.steelyard.web.editing.page;

import org.jspecify.annotations.NullMarked;
