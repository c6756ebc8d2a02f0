/**
 * Measuring and choosing: readings against limits, which thickness fits, decision tables, gears and
 * chains.
 */
package methodos.core.fit;
