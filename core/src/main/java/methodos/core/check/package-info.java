/**
 * What is wrong in a manual and what is still open, each with the place where it is mended. Every
 * check is worked out by itself: one that fails takes only itself away.
 */
package methodos.core.check;
