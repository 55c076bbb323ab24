/** What every page stands on, and what knows nothing of prices: pages, pictures, the database. */
@NullMarked
package dev.steelyard.web.base;

import org.jspecify.annotations.NullMarked;
