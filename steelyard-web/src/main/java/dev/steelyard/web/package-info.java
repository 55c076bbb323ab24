/** The application around the core: pages, persistence, commands. */
@NullMarked
package dev.steelyard.web;

import org.jspecify.annotations.NullMarked;
