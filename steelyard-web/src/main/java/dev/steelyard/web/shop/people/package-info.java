/** Who may do what: sign-in, sessions, and what browsers are told to refuse. */
@NullMarked
package dev.steelyard.web.shop.people;

import org.jspecify.annotations.NullMarked;
