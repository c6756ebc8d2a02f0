/**
 * A manual as it is practised: as a trainer settled what several ways of working it leaves open.
 */
package methodos.core.practice;
