/**
 * How fast the program is, on manuals and footage that are made for it; each benchmark prints its
 * figures with the time of a cold first run.
 */
package methodos.benchmarks;
