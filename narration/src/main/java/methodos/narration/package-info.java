/** What is said at the bench, made into drafted steps. */
package methodos.narration;
