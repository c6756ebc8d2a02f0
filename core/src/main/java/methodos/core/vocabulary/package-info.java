/** The forms of words, in one place: singular and plural, what a verb form is of, sets of words. */
package methodos.core.vocabulary;
