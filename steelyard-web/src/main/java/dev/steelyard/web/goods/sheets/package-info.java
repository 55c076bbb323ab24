/**
 * Many prices at once: sheets out and in, what a sheet or an action would do shown before anything is done, all of it
 * applied or none, and taken back as a whole. Long work runs in the background.
 */
@NullMarked
package dev.steelyard.web.goods.sheets;

import org.jspecify.annotations.NullMarked;
