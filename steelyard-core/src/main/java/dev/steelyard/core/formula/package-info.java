/**
 * Formulas: read, checked against what their names stand for, prepared once, run many times.
 *
 * <pre>{@code
 * Scope scope = Scope.inCurrency("EUR").measure("width", Dimension.LENGTH).build();
 * Formula formula = Formula.prepare("width * 12 EUR/m", scope, Expected.MONEY).orThrow();
 * formula.number(formula.frame().set("width", new BigDecimal("2.11"))); // 25.32
 * }</pre>
 */
@NullMarked
package dev.steelyard.core.formula;

import org.jspecify.annotations.NullMarked;
