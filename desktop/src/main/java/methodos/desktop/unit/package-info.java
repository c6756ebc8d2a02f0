/** The place Unit: what the manual is for, its variants, serial numbers and energies. */
package methodos.desktop.unit;
