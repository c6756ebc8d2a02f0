/** One field that finds everything in a project, and what the program can do. */
package methodos.desktop.finder;
