/**
 * The project that is open: its manual with undo, what is derived from it beside the window, and
 * how it is saved.
 */
package methodos.desktop.project;
