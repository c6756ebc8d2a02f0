/** The place Figures: stills marked, dragged and composed as they will be printed. */
package methodos.desktop.figure;
