/** What who runs Steelyard may set, from the environment or a file of the data folder. */
@NullMarked
package dev.steelyard.web.start.settings;

import org.jspecify.annotations.NullMarked;
