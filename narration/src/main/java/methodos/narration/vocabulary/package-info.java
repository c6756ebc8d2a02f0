/** The words of the trade and of English, with the readings that each can have. */
package methodos.narration.vocabulary;
