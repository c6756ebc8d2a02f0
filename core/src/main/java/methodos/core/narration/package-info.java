/**
 * What is said in a clip, word by word with its time, what was drafted from it, and the manual with
 * all that lies beside it.
 */
package methodos.core.narration;
