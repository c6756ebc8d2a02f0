/** Where the program begins: what was worked on last, a new manual, the demo. */
package methodos.desktop.start;
