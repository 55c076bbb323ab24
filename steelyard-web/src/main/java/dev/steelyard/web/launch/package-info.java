/** Starting and stopping: the command line, the claim on the data folder, the address printed. */
@NullMarked
package dev.steelyard.web.launch;

import org.jspecify.annotations.NullMarked;
