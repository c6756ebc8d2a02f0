/** Figures that the film proposes: looked at, changed and accepted one after the other. */
package methodos.desktop.filmfigure;
