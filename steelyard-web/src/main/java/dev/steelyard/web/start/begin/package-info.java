/** The first start: who one is, what shop it is, its tax, and whence its goods come. Until that is said nothing else answers. */
@NullMarked
package dev.steelyard.web.start.begin;

import org.jspecify.annotations.NullMarked;
