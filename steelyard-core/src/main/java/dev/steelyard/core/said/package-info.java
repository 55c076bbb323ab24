/**
 * What there is to say, in no language: a code of a closed list and the parts it is told with. Sentences are made of these by
 * others; the core makes none.
 */
@NullMarked
package dev.steelyard.core.said;

import org.jspecify.annotations.NullMarked;
