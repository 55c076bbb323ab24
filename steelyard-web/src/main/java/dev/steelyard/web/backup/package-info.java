/** The whole shop as one file: written while it runs, looked at, put back; by command, each day, and before an upgrade. */
@NullMarked
package dev.steelyard.web.backup;

import org.jspecify.annotations.NullMarked;
