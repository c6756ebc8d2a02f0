/** The user's guide, inside the program. */
package methodos.desktop.guide;
