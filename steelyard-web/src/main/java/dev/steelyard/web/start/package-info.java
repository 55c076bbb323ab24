/** Starting and stopping: the command line, the claim on the data folder, the address printed. */
@NullMarked
package dev.steelyard.web.start;

import org.jspecify.annotations.NullMarked;
