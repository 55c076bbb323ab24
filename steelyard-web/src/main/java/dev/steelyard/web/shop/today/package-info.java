/** Where the owner is needed: drafts, findings, check weights, what begins and ends soon, the last changes. */
@NullMarked
package dev.steelyard.web.shop.today;

import org.jspecify.annotations.NullMarked;
