/** The place Steps: the narration beside the steps that come from it, and the editor of a step. */
package methodos.desktop.seam;
