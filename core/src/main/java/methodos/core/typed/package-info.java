/** What people type into one field where it is no quantity: numbers, and several things at once. */
package methodos.core.typed;
