/** The owner's page of one product's prices: breaks, beam, trial, findings. */
@NullMarked
package dev.steelyard.web.editing.rows;

import org.jspecify.annotations.NullMarked;
