/**
 * What comes off goes back on: walks the steps for every unit that the manual is for and keeps
 * account of parts, joints, fluids, energies, aids and marks.
 */
package methodos.core.ledger;
