/** Colours, letters and the style sheet of the window. */
package methodos.desktop.theme;
