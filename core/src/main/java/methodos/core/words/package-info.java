/**
 * Sentences of the program in the words of its bundles, with parts, quantities and times as a
 * person writes them.
 */
package methodos.core.words;
