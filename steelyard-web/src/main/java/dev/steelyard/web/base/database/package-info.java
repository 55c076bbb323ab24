/** A MariaDB server of our own on loopback, and what every stored row has in common. */
@NullMarked
package dev.steelyard.web.base.database;

import org.jspecify.annotations.NullMarked;
