/** Drafting a clip beside the window, and the stills that are proposed for a drafted step. */
package methodos.desktop.drafting;
