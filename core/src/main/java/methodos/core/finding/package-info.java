/** A finding of a check: its rule, how grave it is, and its sentence. */
package methodos.core.finding;
