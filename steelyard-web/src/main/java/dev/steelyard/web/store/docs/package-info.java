/** How a store asks: the OpenAPI document, made from the calls themselves, and the page that shows it. */
@NullMarked
package dev.steelyard.web.store.docs;

import org.jspecify.annotations.NullMarked;
