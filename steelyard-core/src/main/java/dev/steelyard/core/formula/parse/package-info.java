/**
 * From text to nodes, by the syntax of OpenFormula (ODF 1.3, part 4), with issues in plain words.
 *
 * <pre>
 * formula    = [ "=" ] comparison
 * comparison = sum { ( "=" | "&lt;&gt;" | "&lt;" | "&lt;=" | "&gt;" | "&gt;=" ) sum }
 * sum        = product { ( "+" | "-" ) product }
 * product    = power { ( "*" | "/" ) power }
 * power      = prefixed { "^" prefixed }
 * prefixed   = { "+" | "-" } postfixed
 * postfixed  = primary { "%" }
 * primary    = literal | name | name "(" [ comparison { ( ";" | "," ) comparison } ] ")" | "(" comparison ")"
 * literal    = number [ unit [ "/" unit ] ] | text
 * </pre>
 */
@NullMarked
package dev.steelyard.core.formula.parse;

import org.jspecify.annotations.NullMarked;
