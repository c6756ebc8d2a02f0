/** What stands together in a sentence: noun phrases, verbs with what is said around them. */
package methodos.narration.grammar;
