/** The command that prices files, so that an owner's developer can keep price tests beside their own code. */
@NullMarked
package dev.steelyard.format.cli;

import org.jspecify.annotations.NullMarked;
