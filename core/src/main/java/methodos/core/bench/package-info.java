/**
 * Working through a manual at the bench: what is asked next, what was entered, and what it leaves.
 */
package methodos.core.bench;
