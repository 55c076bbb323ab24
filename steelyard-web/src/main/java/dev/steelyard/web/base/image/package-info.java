/** Pictures of options: a few that ship with the application, and uploaded ones, re-encoded and bounded. */
@NullMarked
package dev.steelyard.web.base.image;

import org.jspecify.annotations.NullMarked;
