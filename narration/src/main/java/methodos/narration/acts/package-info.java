/** What could be a step, and how likely it is one. */
package methodos.narration.acts;
