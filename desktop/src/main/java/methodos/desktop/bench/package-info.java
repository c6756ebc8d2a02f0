/**
 * The bench: one unit worked through step by step, with gloves on, and the record that it leaves.
 */
package methodos.desktop.bench;
