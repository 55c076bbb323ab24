/** Rate cards as they are kept: drafts with all their versions, in the order in which they are tried. */
@NullMarked
package dev.steelyard.web.editing.draft;

import org.jspecify.annotations.NullMarked;
