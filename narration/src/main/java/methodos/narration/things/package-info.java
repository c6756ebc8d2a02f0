/** What a statement names: what is worked with, what is used up, and what "it" stands for. */
package methodos.narration.things;
