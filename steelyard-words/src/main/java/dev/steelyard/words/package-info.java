/**
 * What the core says, in words: one message for each code and language ({@code messages}), texts of pages ({@code pages}),
 * and numbers, units, money and days as each language writes them (CLDR, by ICU).
 */
@NullMarked
package dev.steelyard.words;

import org.jspecify.annotations.NullMarked;
