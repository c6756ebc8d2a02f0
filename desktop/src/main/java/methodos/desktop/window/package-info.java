/** The main window: its places in the order of work, the open points, and how the saving stands. */
package methodos.desktop.window;
