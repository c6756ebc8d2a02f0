/** What every place of the window is, and the list of open points that places show. */
package methodos.desktop.place;
