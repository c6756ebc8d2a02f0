/**
 * What documents and figures share when a manual is published: typefaces, and what can go wrong.
 */
package methodos.publish;
