/** What was worked on last on this machine, and how its window looked. */
package methodos.files.recent;
