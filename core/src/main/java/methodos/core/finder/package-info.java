/** Finds lines by what is typed of them, the likeliest first. */
package methodos.core.finder;
