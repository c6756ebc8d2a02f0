/** Steps drafted from what is said, each with the words that it is drawn from. */
package methodos.narration.draft;
