/** The store learns that something changed: addresses that are told, what is sent to them, and what became of it. */
@NullMarked
package dev.steelyard.web.store.hooks;

import org.jspecify.annotations.NullMarked;
