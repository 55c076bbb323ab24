/** Pictures of prices, drawn on the server from exact points: places in pixels only, no price is worked out here. */
@NullMarked
package dev.steelyard.web.base.picture;

import org.jspecify.annotations.NullMarked;
