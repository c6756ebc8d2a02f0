/**
 * What stands on a figure and where: callouts, arrows, lengths, comparisons and stacks, and whether
 * it can be read in print.
 */
package methodos.core.figure;
