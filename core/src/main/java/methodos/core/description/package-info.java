/**
 * What a record of the manual consists of, from its components: its shape, what refers to what, and
 * the walk through all of it.
 */
package methodos.core.description;
