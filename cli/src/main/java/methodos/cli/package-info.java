/**
 * The command line: one class for each command, which reads its arguments, has the work done and
 * prints it.
 */
package methodos.cli;
