/**
 * The calculators alone, for other programs: each reads a JSON request and answers in JSON and in
 * words.
 */
package methodos.cli.calc;
