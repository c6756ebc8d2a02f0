/** A company's own hazard rules. */
package methodos.files.hazard;
