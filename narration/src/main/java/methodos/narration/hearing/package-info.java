/** What was misheard, put right by what is known. */
package methodos.narration.hearing;
