/** What the form for the screen knows and does beside what it shows. */
package methodos.publish.screen;
