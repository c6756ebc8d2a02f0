/**
 * Whether a manual from outside makes sense: what refers to nothing, what is there twice, and what
 * of it can be healed.
 */
package methodos.core.sense;
