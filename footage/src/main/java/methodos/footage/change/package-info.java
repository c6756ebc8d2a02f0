/** What changed between two stretches of a recording: things that are gone, new or moved. */
package methodos.footage.change;
