/** What was worked out already and need not be again. */
package methodos.core.memory;
