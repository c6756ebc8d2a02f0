/** What goes to standard output, and what happens when nobody reads it any more. */
package methodos.cli.output;
