/** The desktop program: how it starts, and what it says of a project that does not open. */
package methodos.desktop;
