/** What holds for the whole shop: currency, time zone, customer groups, staff. */
@NullMarked
package dev.steelyard.web.shop;

import org.jspecify.annotations.NullMarked;
