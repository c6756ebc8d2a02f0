/**
 * The dry run: somebody who knows only what the instruction has said so far goes through it, and
 * tells where he would stumble.
 */
package methodos.core.dryrun;
