/** The demo projects that come with the program. */
package methodos.demo;
