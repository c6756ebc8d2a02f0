/**
 * From what is said in a clip to drafted steps: clauses, verbs, things, values, and which words are
 * only talk.
 */
package methodos.core.drafting;
