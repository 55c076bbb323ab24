/**
 * Tables of cells out to and in from CSV, XLSX and ODS files, row by row, within limits; knows nothing of prices.
 *
 * <p>CSV is that of RFC 4180; ODS is OpenDocument 1.3 (OASIS), XLSX is Office Open XML (ECMA-376).
 */
@NullMarked
package dev.steelyard.format.table;

import org.jspecify.annotations.NullMarked;
