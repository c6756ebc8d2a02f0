/**
 * Which work is dangerous in which way, by what is done to which thing, and whether a statement
 * tells it in time. The rules and the senses of words stand in two text files beside the classes.
 */
package methodos.core.hazard;
