/** What a shop holds at its first start. */
@NullMarked
package dev.steelyard.web.start.demo;

import org.jspecify.annotations.NullMarked;
