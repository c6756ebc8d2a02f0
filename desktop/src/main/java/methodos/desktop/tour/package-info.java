/** A walk of five minutes through the places, one deed after the other. */
package methodos.desktop.tour;
