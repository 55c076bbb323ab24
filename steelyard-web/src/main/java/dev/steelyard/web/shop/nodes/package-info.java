/** The applications that run on one database, as each tells of itself. */
@NullMarked
package dev.steelyard.web.shop.nodes;

import org.jspecify.annotations.NullMarked;
