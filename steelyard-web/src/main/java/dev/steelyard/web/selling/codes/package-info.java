/** Lists of codes for deals: made here or read, given out, used so often as their list says. */
@NullMarked
package dev.steelyard.web.selling.codes;

import org.jspecify.annotations.NullMarked;
