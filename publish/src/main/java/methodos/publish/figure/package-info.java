/** Figures painted for paper and screen, as PNG and SVG. */
package methodos.publish.figure;
